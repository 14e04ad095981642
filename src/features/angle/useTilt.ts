'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { tiltBetween, type Gravity, type TiltReading } from '../../core';
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

const LEVEL: Gravity = { x: 0, y: 0, z: -1 };

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
      from.current = meanGravity(felt.current);
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

/** The middle of the last seconds, so that one tremor is no nought. */
function meanGravity(felt: readonly MotionReading[]): Gravity {
  const last = felt.at(-1);
  if (!last) return LEVEL;
  const settled = felt.filter(({ seconds }) => seconds >= last.seconds - 1);
  const mean = (of: (gravity: Gravity) => number): number =>
    settled.reduce((sum, { gravity }) => sum + of(gravity), 0) / settled.length;
  return { x: mean((g) => g.x), y: mean((g) => g.y), z: mean((g) => g.z) };
}
