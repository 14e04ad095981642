'use client';

import { useMemo } from 'react';
import type { ZoneState } from '../core/inspection';
import type { Trip } from '../domain/trip';
import { startForecast, type ForecastAnswer, type ForecastWish } from '../workers/tripClient';
import { useJob } from './useJob';

interface Asked {
  trip: Trip;
  wish: Pick<ForecastWish, 'now'>;
  /** What the edges stand at: when that changes, the same trip is forecast anew. */
  stands: string;
}

export interface ShownForecast {
  answer: ForecastAnswer | null;
  /** Over all runs; else it is the quick one. */
  isWhole: boolean;
  /** How far the whole one is; null where it is done, or stopped. */
  share: number | null;
  error: Error | null;
  stop: () => void;
  again: () => void;
}

/**
 * The forecast of a trip as it is painted, looked at from a day: a quick one at once, the whole one as
 * soon as it is there.
 */
export function useForecast(trip: Trip, states: readonly ZoneState[], now: string): ShownForecast {
  const stands = useMemo(
    () => states.map(({ state }) => `${state.observedAt}${state.apex?.apexRadiusUm}`).join(),
    [states],
  );
  const asked: Asked = { trip, wish: { now }, stands };
  const [quick] = useJob(asked, ({ trip: own, wish }, onProgress) =>
    startForecast(own, { ...wish, shelf: 'kit', size: 'first' }, onProgress),
  );
  const [whole, stop, again] = useJob(asked, ({ trip: own, wish }, onProgress) =>
    startForecast(own, { ...wish, shelf: 'kit', size: 'whole' }, onProgress),
  );
  const shared = {
    error: whole.phase === 'failed' ? whole.error : quick.phase === 'failed' ? quick.error : null,
    share: whole.phase === 'working' ? whole.share : null,
    stop,
    again,
  };
  if (whole.phase === 'done') return { answer: whole.answer, isWhole: true, ...shared };
  return { answer: quick.phase === 'done' ? quick.answer : null, isWhole: false, ...shared };
}
