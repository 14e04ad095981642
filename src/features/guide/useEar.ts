'use client';

import { useEffect, useRef, useState } from 'react';
import type { StrokesHeard } from '../../core/measure';
import type { LostWhy } from '../../instruments';
import type { Hand } from './listenToStrokes';

/** Whether strokes are counted by their sound: not, by this device's microphone, or by a made-up sound. */
export const EARS = ['off', 'device', 'simulated'] as const;
export type Ear = (typeof EARS)[number];

/** What the ear has to say: why it does not listen, or what it hears; null while it is off. */
export type EarState = { lost: LostWhy } | { heard: StrokesHeard } | null;

/** A tap counts instead of a stroke that is heard within so many strokes after it, and within this (ms) at the least. */
const TAP_WINS_STROKES = 1.25;
const TAP_WINS_MS = 1500;

/** Where so many strokes have passed since the last one that was heard, a tap adds the one that was missed. */
const MISSED_STROKES = 1.3;

function tapWinsMs(perMinute: number): number {
  return Math.max(TAP_WINS_MS, (TAP_WINS_STROKES * 60_000) / perMinute);
}

/**
 * Strokes by their sound, handed to `stroke` one by one while it is on. The hand always wins: a tap stands for the one that
 * is heard after it, or adds one that should have been heard by now and was not.
 */
export function useEar(
  ear: Ear,
  isOn: boolean,
  hand: Hand,
  stroke: () => void,
): { state: EarState; tapped: () => void } {
  const [state, setState] = useState<EarState>(null);
  const latest = useRef(stroke);
  const taps = useRef<number[]>([]);
  // While strokes are heard: when the next one is missed.
  const missedAt = useRef<number | null>(null);
  const { motion, perMinute } = hand;
  useEffect(() => {
    latest.current = stroke;
  });
  useEffect(() => {
    if (ear === 'off' || !isOn) return;
    let isOver = false;
    let counted = 0;
    let stop = (): void => {};
    const onHeard = (heard: StrokesHeard): void => {
      const come = heard.strokes - counted;
      counted = heard.strokes;
      if (come > 0) {
        // The first are understood as strokes only after some of them, all at once.
        const since = performance.now() - come * tapWinsMs(heard.perMinute ?? perMinute);
        const tapped = taps.current.filter((at) => at > since);
        for (let i = tapped.length; i < come; i += 1) latest.current();
        taps.current = tapped.slice(come);
      }
      const { hearing, perMinute: pace } = heard;
      if (hearing !== 'strokes' || !pace) missedAt.current = null;
      else if (come > 0) missedAt.current = performance.now() + (MISSED_STROKES * 60_000) / pace;
      setState((shown) => (isSame(shown, heard) ? shown : { heard }));
    };
    void import('./listenToStrokes').then(({ listenToStrokes }) => {
      if (isOver) return;
      stop = listenToStrokes(
        ear,
        { motion, perMinute },
        { onHeard, onLost: (lost) => setState({ lost }) },
      );
    });
    return () => {
      isOver = true;
      stop();
      missedAt.current = null;
      setState(null);
    };
  }, [ear, isOn, motion, perMinute]);
  const tapped = (): void => {
    const now = performance.now();
    const isMissed = missedAt.current !== null && now > missedAt.current;
    if (!isMissed) taps.current.push(now);
  };
  return { state, tapped };
}

/** Whether what is said of it stays the same. */
function isSame(shown: EarState, heard: StrokesHeard): boolean {
  if (!shown || 'lost' in shown) return false;
  const round = ({ perMinute }: StrokesHeard): number => Math.round((perMinute ?? 0) / 5);
  return shown.heard.hearing === heard.hearing && round(shown.heard) === round(heard);
}
