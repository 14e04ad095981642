import { proxy } from 'comlink';
import type { NeedsOut, TripOutcome } from '../core';
import type { Trip } from '../domain/trip';
import { threadsOf, type Job } from './threads';
import type { ForecastAnswer, ForecastWish, TripWorker } from './trip.worker';

export type { ForecastAnswer, ForecastWish };

const { start, share } = threadsOf<TripWorker>(
  () => new Worker(new URL('./trip.worker.ts', import.meta.url), { type: 'module' }),
);

/** A forecast of a trip: over few runs while it is being painted, or over all of them. */
export function startForecast(
  trip: Trip,
  wish: ForecastWish,
  onProgress: (share: number) => void,
): Job<ForecastAnswer | null> {
  return start((api) => api.forecast(trip, wish, proxy(onProgress)));
}

/** The trip done otherwise, with one tool above all, each way in sum. */
export function startTripWhatIf(
  trip: Trip,
  toolId: string,
  now: string,
): Job<TripOutcome[] | null> {
  return start((api) => api.whatIf(trip, toolId, now));
}

/** What the edges on a trip need by a moment (ISO 8601), by where they would be worked. */
export function readNeedsOut(trip: Trip, now: string): Promise<NeedsOut | null> {
  return share((api) => api.needs(trip, now));
}
