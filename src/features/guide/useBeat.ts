'use client';

import { useEffect, useRef } from 'react';

/** A click that carries through the noise of a stone, and is over before the next. */
const CLICK_HZ = 1100;
const CLICK_SECONDS = 0.05;

/** Clicks where it is to be heard, and calls `stroke` every `everyMs`; silent and still where that is null. */
export function useBeat(everyMs: number | null, stroke: () => void, isHeard = true): void {
  const latest = useRef(stroke);
  useEffect(() => {
    latest.current = stroke;
  });
  useEffect(() => {
    if (everyMs === null) return;
    const sound = isHeard && typeof AudioContext !== 'undefined' ? new AudioContext() : null;
    const timer = setInterval(() => {
      if (sound) click(sound);
      latest.current();
    }, everyMs);
    return () => {
      clearInterval(timer);
      void sound?.close();
    };
  }, [everyMs, isHeard]);
}

function click(sound: AudioContext): void {
  const tone = sound.createOscillator();
  const loudness = sound.createGain();
  const now = sound.currentTime;
  tone.frequency.value = CLICK_HZ;
  loudness.gain.setValueAtTime(0.3, now);
  loudness.gain.exponentialRampToValueAtTime(0.001, now + CLICK_SECONDS);
  tone.connect(loudness).connect(sound.destination);
  tone.start(now);
  tone.stop(now + CLICK_SECONDS);
}
