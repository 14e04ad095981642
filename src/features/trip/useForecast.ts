'use client';

import { useMemo } from 'react';
import type { ZoneState } from '../../core';
import type { Trip } from '../../domain/trip';
import { useJob } from '../../live';
import { startForecast, startQuickForecast, type ForecastAnswer } from '../../workers/tripClient';

interface Asked {
  trip: Trip;
  /** What the edges stand at: when that changes, the same trip is forecast anew. */
  stands: string;
}

/** The forecast of a trip as it is painted: a quick one at once, the whole one as soon as it is there. */
export function useForecast(
  trip: Trip,
  states: readonly ZoneState[],
): { answer: ForecastAnswer | null; isWhole: boolean; error: Error | null } {
  const stands = useMemo(
    () => states.map(({ state }) => `${state.observedAt}${state.apex?.apexRadiusUm}`).join(),
    [states],
  );
  const asked: Asked = { trip, stands };
  const [quick] = useJob(asked, ({ trip: own }, onProgress) => startQuickForecast(own, onProgress));
  const [whole] = useJob(asked, ({ trip: own }, onProgress) => startForecast(own, onProgress));
  const error =
    whole.phase === 'failed' ? whole.error : quick.phase === 'failed' ? quick.error : null;
  if (whole.phase === 'done') return { answer: whole.answer, isWhole: true, error };
  return { answer: quick.phase === 'done' ? quick.answer : null, isWhole: false, error };
}
