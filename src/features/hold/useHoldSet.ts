'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import {
  angleFromTilt,
  LEVEL,
  meanGravity,
  STILL_DEG,
  studySet,
  tiltBetween,
  type Gravity,
  type HoldReading,
  type SetStudy,
} from '../../core';
import type { LostWhy, MotionReading, Source } from '../../instruments';
import { useLetGo } from '../../ui/useLetGo';

/** A set by what the phone on the lath does: it begins and ends by itself, no tap in the middle of it. */
export type SetPhase = 'off' | 'opening' | 'zeroing' | 'ready' | 'going' | 'done' | LostWhy;

export interface HoldSet {
  phase: SetPhase;
  study: SetStudy | null;
  /** How much of the stillness that zeroes it is there, from 0 to 1. */
  stillShare: number;
  open: (source: Source<MotionReading>) => void;
  /** Ends the set. */
  end: () => void;
  /** Back to before a set. */
  again: () => void;
}

const EACH_MS = 200;
const ZERO_SECONDS = 3;
const END_SECONDS = 2.5;
/** Lying within this of where it was zeroed (degrees). */
const LIES_DEG = 2;
/** The third stroke begins a set. */
const BEGINS_AT = 3;
/** A set longer than this ends by itself (seconds). */
const LONGEST_SECONDS = 240;

/** `onDone` is told of each set that went as far as three strokes, however it ends: a call may cut it short. */
export function useHoldSet(
  aim: { meantDeg: number; bandDeg: number },
  onDone: (study: SetStudy) => void,
): HoldSet {
  const { meantDeg, bandDeg } = aim;
  const [phase, setPhase] = useState<SetPhase>('off');
  const [study, setStudy] = useState<SetStudy | null>(null);
  const [stillShare, setStillShare] = useState(0);
  const felt = useRef<MotionReading[]>([]);
  const zero = useRef<Gravity>(LEVEL);
  const stop = useRef(() => {});
  /** What the set comes to so far; null before it has begun, and after it is over. */
  const begun = useRef<SetStudy | null>(null);
  const told = useRef(onDone);
  useEffect(() => {
    told.current = onDone;
  });

  const letGo = useCallback((): void => {
    stop.current();
    stop.current = () => {};
  }, []);
  const end = useCallback((): void => {
    letGo();
    setPhase('done');
    if (begun.current) told.current(begun.current);
    begun.current = null;
  }, [letGo]);
  const leave = useCallback((): void => {
    if (begun.current) return end();
    letGo();
    setPhase((now) => (now === 'done' ? now : 'off'));
  }, [letGo, end]);
  useLetGo(leave);

  const open = (source: Source<MotionReading>): void => {
    letGo();
    felt.current = [];
    begun.current = null;
    zero.current = LEVEL;
    setStudy(null);
    setStillShare(0);
    setPhase('opening');
    stop.current = source.open({
      onOpen: () => setPhase('zeroing'),
      onReading: (reading) => felt.current.push(reading),
      onLost: setPhase,
    });
  };
  const isListening = phase === 'zeroing' || phase === 'ready' || phase === 'going';
  useEffect(() => {
    if (!isListening) return;
    const timer = setInterval(() => {
      const readings = readingsOf(felt.current, zero.current);
      if (phase === 'zeroing') {
        const share = stillnessOf(readings, ZERO_SECONDS);
        setStillShare(share);
        if (share < 1) return;
        const since = felt.current.at(-1)!.seconds - ZERO_SECONDS;
        felt.current = felt.current.filter(({ seconds }) => seconds >= since);
        zero.current = meanGravity(felt.current.map(({ gravity }) => gravity));
        return setPhase('ready');
      }
      const now = studySet({ readings, zeroDeg: 0, meantDeg, bandDeg });
      setStudy(now);
      if (now.strokes.length >= BEGINS_AT) {
        begun.current = now;
        setPhase('going');
      }
      const last = readings.at(-1);
      const lies = last && Math.abs(last.deg) < LIES_DEG && stillnessOf(readings, END_SECONDS) >= 1;
      const isLong = last && last.seconds - readings[0]!.seconds > LONGEST_SECONDS;
      if (phase === 'going' && (lies || isLong)) end();
    }, EACH_MS);
    return () => clearInterval(timer);
  }, [isListening, phase, meantDeg, bandDeg, end]);

  const again = (): void => {
    letGo();
    setPhase('off');
  };
  return { phase, study, stillShare, open, end, again };
}

/** Whether nothing is listened to yet, or any more. */
export function isWaiting({ phase }: HoldSet): boolean {
  return !['opening', 'zeroing', 'ready', 'going', 'done'].includes(phase);
}

function readingsOf(felt: readonly MotionReading[], zero: Gravity): HoldReading[] {
  return felt.map(({ seconds, gravity, alongMs2, turnDegPerS }) => ({
    seconds,
    deg: tiltBetween(zero, gravity),
    alongMs2,
    turnDegPerS,
  }));
}

/** How much of so many seconds it has lain still, up to 1; nothing while it moves. */
function stillnessOf(readings: readonly HoldReading[], seconds: number): number {
  const last = readings.at(-1);
  if (!last) return 0;
  const window = readings.filter((reading) => reading.seconds >= last.seconds - seconds);
  const { scatterDeg } = angleFromTilt({
    readings: window,
    zeroDeg: 0,
    zero: 'bare-stone',
    halfTaperDeg: 0,
  })!;
  if (scatterDeg > STILL_DEG || !liesStill(window)) return 0;
  return Math.min(1, (last.seconds - window[0]!.seconds) / (0.97 * seconds));
}

/** Nothing of a hand moves it more than this (degrees) while it lies. */
const STIRS_DEG = 1.2;

function liesStill(window: readonly HoldReading[]): boolean {
  const degs = window.map(({ deg }) => deg);
  return Math.max(...degs) - Math.min(...degs) < STIRS_DEG;
}
