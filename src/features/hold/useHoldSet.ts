'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { LEVEL, meanGravity, studySet, type Gravity, type SetStudy } from '../../core/measure';
import type { LostWhy, MotionReading, Source } from '../../instruments';
import { useLatest } from '../../ui/useLatest';
import { useLetGo } from '../../ui/useLetGo';
import { isOver, latest, readingsOf, stillnessOf } from './setReadings';

/** A set by what the phone on the lath does: it begins and ends by itself, no tap in the middle of it. */
type SetPhase = 'off' | 'opening' | 'zeroing' | 'ready' | 'going' | 'done' | LostWhy;

export interface HoldSet {
  phase: SetPhase;
  study: SetStudy | null;
  /** How much of the stillness that zeroes it is there, from 0 to 1. */
  stillShare: number;
  open: (source: Source<MotionReading>) => void;
  /** Ends the set. */
  end: () => void;
  /** Back to before a set, once one is done. */
  again: () => void;
}

const EACH_MS = 200;
const ZERO_SECONDS = 3;
/** The third stroke begins a set. */
const BEGINS_AT = 3;

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
  const told = useLatest(onDone);
  const letGo = useCallback((): void => {
    stop.current();
    stop.current = () => {};
  }, []);
  const end = useCallback((): void => {
    letGo();
    setPhase('done');
    if (begun.current) told.current(begun.current);
    begun.current = null;
  }, [letGo, told]);
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
      // A sensor that falls silent in the middle ends the set too.
      onLost: (why) => (begun.current ? end() : setPhase(why)),
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
        felt.current = latest(felt.current, ZERO_SECONDS);
        zero.current = meanGravity(felt.current.map(({ gravity }) => gravity));
        return setPhase('ready');
      }
      const now = studySet({ readings, zeroDeg: 0, meantDeg, bandDeg });
      setStudy(now);
      if (now.strokes.length >= BEGINS_AT) {
        begun.current = now;
        setPhase('going');
      }
      if (phase === 'going' && isOver(readings)) end();
    }, EACH_MS);
    return () => clearInterval(timer);
  }, [isListening, phase, meantDeg, bandDeg, end]);

  const again = (): void => setPhase('off');
  return { phase, study, stillShare, open, end, again };
}

/** Whether nothing is listened to yet, or any more. */
export function isWaiting({ phase }: HoldSet): boolean {
  return !['opening', 'zeroing', 'ready', 'going', 'done'].includes(phase);
}
