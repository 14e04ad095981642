'use client';

import { useMemo } from 'react';
import { learnedWobble, type LearnedWobble } from '../core';
import { useNow } from './useNow';
import { useRecords } from './useRecords';
import { useSettings } from './useShelf';

/** The wobble that this person's practised sets have taught; null while they are read. */
export function useLearnedWobble(): LearnedWobble | null {
  const practices = useRecords('practices');
  const person = useSettings()?.person;
  const now = useNow();
  return useMemo(
    () =>
      practices && person !== undefined
        ? learnedWobble({ practices, person, nowMs: Date.parse(now) })
        : null,
    [practices, person, now],
  );
}
