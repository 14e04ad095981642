'use client';

import { useMemo, useState } from 'react';
import type { ZoneState } from '../../core/inspection';
import {
  kitProblem,
  needsOfEachOnce,
  needsOfForecast,
  type KitLimits,
  type KitProblem,
  type KitSolution,
} from '../../core/kit';
import type { Hand, Shelf } from '../../core/ladder';
import { stoneWaterMl, travelling } from '../../core/trip';
import type { Helper } from '../../domain/shelf';
import { USUAL_TRIP, type Trip } from '../../domain/trip';
import {
  useJob,
  startKits,
  type KitAsked,
  type SolvedKits,
  type Job,
  startForecast,
} from '../../live';

/** The kits of a trip as they are found. */
export interface ShownKits {
  solution: KitSolution | null;
  /** The kit within the person's limits, by index of items; null where none was asked, or none fits. */
  within: number[] | null;
  limitsBind: boolean;
  /** How far the search is; null where it has ended, or was stopped. */
  share: number | null;
  isStopped: boolean;
  error: Error | null;
  stop: () => void;
  again: () => void;
}

/**
 * All kits of a trip: its needs by a forecast with everything that is owned, or each edge once where no work
 * is painted; the frontier as it is found.
 */
export function useKits(input: {
  trip: Trip;
  states: readonly ZoneState[];
  shelf: Shelf;
  helpers: readonly Helper[];
  hand: Hand;
  now: string;
}): ShownKits {
  const { trip, states, shelf, helpers, hand, now } = input;
  const zones = useMemo(() => travelling(trip, states), [trip, states]);
  const events = useEvents(trip, now);
  const problem = useMemo((): KitProblem | null => {
    if (!events.isDone) return null;
    const needs = events.forecast
      ? needsOfForecast(events.forecast, zones, trip.kit.midJobFromBelt)
      : needsOfEachOnce(zones, trip.chipDepthMm);
    const { minutesPerTouchUp, kit: wishes } = trip;
    return kitProblem({ needs, shelf, helpers, wishes, minutesPerTouchUp, hand });
  }, [events, zones, shelf, helpers, hand, trip]);
  const limits = limitsOf(trip);
  const [partial, setPartial] = useState<{ of: KitProblem; solution: KitSolution } | null>(null);
  const { gramsPerMinute } = trip.kit;
  const asked = problem && { problem, limits, gramsPerMinute };
  const [state, stop, again] = useJob(asked, (own: KitAsked | null, onProgress) =>
    own
      ? startKits(own, (solution, share) => {
          if (solution) setPartial({ of: own.problem, solution });
          onProgress(share);
        })
      : NOTHING,
  );
  const found = state.phase === 'done' ? state.answer : null;
  // What was found last stays in view until there is something new.
  const [last, setLast] = useState<KitSolution | null>(null);
  if (found && found.solution !== last) setLast(found.solution);
  return {
    solution: found?.solution ?? (partial?.of === problem ? partial?.solution : null) ?? last,
    within: found?.within ?? null,
    limitsBind: found?.limitsBind ?? false,
    share: events.isDone ? (state.phase === 'working' ? state.share : null) : events.share,
    isStopped: state.phase === 'cancelled' || events.isStopped,
    error: events.error ?? (state.phase === 'failed' ? state.error : null),
    stop: events.isDone ? stop : events.stop,
    again: events.isDone ? again : events.again,
  };
}

const NOTHING: Job<SolvedKits | null> = { answer: Promise.resolve(null), cancel: () => {} };

/** The forecast that a kit is chosen for; none where no work is painted. */
function useEvents(trip: Trip, now: string) {
  const isPainted = trip.work.length > 0;
  // What is chosen here changes nothing of what the edges will do.
  const asked = isPainted && {
    trip: { ...trip, kit: USUAL_TRIP.kit, carried: [], updatedAt: trip.createdAt },
    wish: { size: 'whole' as const, shelf: 'owned' as const, now },
  };
  const [state, stop, again] = useJob(asked, (own, onProgress) =>
    own
      ? startForecast(own.trip, own.wish, onProgress)
      : { answer: Promise.resolve(null), cancel: () => {} },
  );
  const forecast = state.phase === 'done' ? (state.answer?.forecast ?? null) : null;
  return useMemo(
    () => ({
      isDone: !isPainted || state.phase === 'done',
      share: state.phase === 'working' ? state.share / 2 : null,
      isStopped: state.phase === 'cancelled',
      error: state.phase === 'failed' ? state.error : null,
      forecast,
      stop,
      again,
    }),
    // The job's own functions stand for the job at hand.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
    [isPainted, state, forecast],
  );
}

/** Limits that the person has set in grams, and the evenings and the water of the trip. */
function limitsOf(trip: Trip): KitLimits {
  const { mostG, mostPouchG, mostPackG, mostBaseCampG } = trip.kit;
  const placeGrams = { pouch: mostPouchG, pack: mostPackG, 'base-camp': mostBaseCampG };
  return {
    grams: mostG,
    placeGrams,
    // Evenings at home have the whole shelf: they bind nothing that is carried.
    eveningMinutes: trip.nights === 'at home' ? null : trip.minutesPerEvening,
    waterMl: trip.days * stoneWaterMl(trip),
  };
}
