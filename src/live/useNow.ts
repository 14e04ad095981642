'use client';

import { startOfHour } from 'date-fns';
import { useEffect, useState } from 'react';
import { clockNow } from '../domain/clock';

const LOOK_EVERY_MS = 60_000;

const thisHour = (): string => startOfHour(clockNow()).toISOString();

/** The hour that it is, ISO 8601: a trip that stays open over midnight goes on to its next day. */
export function useNow(): string {
  const [now, setNow] = useState(thisHour);
  useEffect(() => {
    const look = (): void => setNow(thisHour());
    const timer = setInterval(look, LOOK_EVERY_MS);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, []);
  return now;
}
