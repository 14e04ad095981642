'use client';

import { useCallback } from 'react';
import { byUsualTester } from '../core/sharpness';
import type { Observation } from '../domain/session';
import { useStandings } from './useStandings';

/** Reads grams by the person's own tester, where the log knows it: what estimates of the apex go by. */
export function useTester(): <T extends Pick<Observation, 'tests'>>(seen: T) => T {
  const scale = useStandings()?.tester ?? null;
  return useCallback((seen) => byUsualTester(seen, scale), [scale]);
}
