'use client';

import { useEffect, useRef } from 'react';

/** A tick is kept so often: what a lost phone takes along is no more than this. */
const EVERY_MS = 5000;

/** Calls `tick` at a steady pace while the clock runs. */
export function useClock(runs: boolean, tick: () => void): void {
  const latest = useRef(tick);
  useEffect(() => {
    latest.current = tick;
  });
  useEffect(() => {
    if (!runs) return;
    const timer = setInterval(() => latest.current(), EVERY_MS);
    return () => clearInterval(timer);
  }, [runs]);
}
