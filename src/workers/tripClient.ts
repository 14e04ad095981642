import { proxy } from 'comlink';
import type { TripOutcome } from '../core';
import type { Trip } from '../domain/trip';
import { jobsOn, type Job } from './jobs';
import type { ForecastAnswer, TripWorker } from './trip.worker';

export type { ForecastAnswer };

const start = jobsOn<TripWorker>(
  () => new Worker(new URL('./trip.worker.ts', import.meta.url), { type: 'module' }),
);

/** A quick forecast of a trip, for while it is being painted. */
export function startQuickForecast(
  trip: Trip,
  onProgress: (share: number) => void,
): Job<ForecastAnswer | null> {
  return start((api) => api.forecast(trip, 'first', proxy(onProgress)));
}

/** The forecast over all runs. */
export function startForecast(
  trip: Trip,
  onProgress: (share: number) => void,
): Job<ForecastAnswer | null> {
  return start((api) => api.forecast(trip, 'whole', proxy(onProgress)));
}

/** The trip done otherwise, each way in sum. */
export function startTripWhatIf(trip: Trip): Job<TripOutcome[] | null> {
  return start((api) => api.whatIf(trip));
}
