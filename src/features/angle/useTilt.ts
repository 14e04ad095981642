'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import {
  LEVEL,
  meanGravity,
  tiltBetween,
  type Gravity,
  type TiltReading,
} from '../../core/measure';
import type { LostWhy, MotionReading, Source } from '../../instruments';
import { useLetGo } from '../../ui/useLetGo';

/** How long the trace is (seconds). */
export const TRACE_SECONDS = 4;

/** The tilt of a phone as it comes in, counted from where it was zeroed. */
export interface Tilt {
  phase: 'off' | 'opening' | 'on' | LostWhy;
  /** The last seconds of it; from level where it was not zeroed yet. */
  readings: readonly TiltReading[];
  isZeroed: boolean;
  open: (source: Source<MotionReading>) => void;
  close: () => void;
  /** Takes how it lies now for nought. */
  zero: () => void;
  /** Forgets the nought, for another. */
  unzero: () => void;
}

/** Listens to a phone's level while the screen stands; let go of when the page is hidden or left. */
export function useTilt(): Tilt {
  const [phase, setPhase] = useState<Tilt['phase']>('off');
  const [readings, setReadings] = useState<readonly TiltReading[]>([]);
  const [isZeroed, setZeroed] = useState(false);
  const felt = useRef<MotionReading[]>([]);
  const from = useRef<Gravity>(LEVEL);
  const stop = useRef(() => {});

  const close = useCallback((): void => {
    stop.current();
    stop.current = () => {};
    felt.current = [];
    setReadings([]);
    setPhase('off');
  }, []);

  const open = useCallback((source: Source<MotionReading>): void => {
    stop.current();
    felt.current = [];
    setPhase('opening');
    stop.current = source.open({
      onOpen: () => setPhase('on'),
      onReading: (reading) => {
        const since = reading.seconds - TRACE_SECONDS;
        felt.current = [...felt.current.filter(({ seconds }) => seconds >= since), reading];
      },
      onLost: setPhase,
    });
  }, []);

  useEffect(() => {
    if (phase !== 'on') return;
    let frame = 0;
    const show = (): void => {
      setReadings(
        felt.current.map(({ seconds, gravity }) => ({
          seconds,
          deg: tiltBetween(from.current, gravity),
        })),
      );
      frame = requestAnimationFrame(show);
    };
    frame = requestAnimationFrame(show);
    return () => cancelAnimationFrame(frame);
  }, [phase]);

  useLetGo(close);

  /** What was read before a nought says nothing after it. */
  const forget = (): void => {
    felt.current = [];
    setReadings([]);
  };
  return {
    phase,
    readings,
    isZeroed,
    open,
    close,
    zero() {
      from.current = meanGravity(latest(felt.current));
      forget();
      setZeroed(true);
    },
    unzero() {
      from.current = LEVEL;
      forget();
      setZeroed(false);
    },
  };
}

/** What was felt in the last second. */
function latest(felt: readonly MotionReading[]): Gravity[] {
  const since = (felt.at(-1)?.seconds ?? 0) - 1;
  return felt.filter(({ seconds }) => seconds >= since).map(({ gravity }) => gravity);
}
