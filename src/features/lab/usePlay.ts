'use client';

import { useEffect, useRef, useState } from 'react';

/** Seconds that all strokes take to play. */
const PLAY_SECONDS = 5;

/** Strokes as they are played, frame by frame; all at once for those who want no movement. */
export function usePlay(most: number): {
  strokes: number;
  isPlaying: boolean;
  setStrokes: (strokes: number) => void;
  play: () => void;
} {
  const [strokes, setStrokes] = useState<number | null>(null);
  const [isPlaying, setPlaying] = useState(false);
  const from = useRef(0);
  useEffect(() => {
    if (!isPlaying) return;
    let frame = 0;
    const began = performance.now();
    const start = from.current;
    const step = (now: number): void => {
      const done = Math.min(most, start + ((now - began) / 1000 / PLAY_SECONDS) * most);
      setStrokes(Math.round(done));
      if (done >= most) setPlaying(false);
      else frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [isPlaying, most]);
  const shown = Math.min(strokes ?? most, most);
  return {
    strokes: shown,
    isPlaying,
    setStrokes: (next) => {
      setPlaying(false);
      setStrokes(next);
    },
    play: () => {
      if (matchMedia('(prefers-reduced-motion: reduce)').matches) return setStrokes(most);
      from.current = shown >= most ? 0 : shown;
      setPlaying(!isPlaying);
    },
  };
}
