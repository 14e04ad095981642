import { proxy } from 'comlink';
import type { NeedsOut, TripOutcome } from '../core/trip';
import type { Trip } from '../domain/trip';
import { threadsOf, type Job } from './threads';
import type { ForecastAnswer, ForecastWish, TripWorker } from './trip.worker';

export type { ForecastAnswer, ForecastWish };

const { start, share } = threadsOf<TripWorker>(
  () => new Worker(new URL('./trip.worker.ts', import.meta.url), { type: 'module' }),
);

/**
 * A forecast of a trip: over few runs while it is being painted, or over all of them. All of them share a thread
 * that remembers the edges; one that is cancelled ends there with the edge under way, and answers null.
 */
export function startForecast(
  trip: Trip,
  wish: ForecastWish,
  onProgress: (share: number) => void,
): Job<ForecastAnswer | null> {
  let isWanted = true;
  const goesOn = (done: number): boolean => {
    if (isWanted) onProgress(done);
    return isWanted;
  };
  return {
    answer: share((api) => api.forecast(trip, wish, proxy(goesOn))),
    cancel: () => {
      isWanted = false;
    },
  };
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
