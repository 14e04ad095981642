'use client';

import { isAfter } from 'date-fns';
import { useEffect, useRef, useState } from 'react';
import { fieldChanges, reversed, withChanges } from '../data';
import type { Trip } from '../domain/trip';
import { useStore } from './StoreProvider';
import { stampNow } from '../domain/clock';

/** A change of a trip: pure, as it runs again on the trip as it is stored. */
export type TripStep = (trip: Trip) => Trip;

/**
 * A trip that is being changed: a step shows at once, after those before it, and runs again on what is
 * stored, so that steps taken in two tabs add up. What is kept takes over as soon as it is as new.
 * `change` returns the step that takes this one back: only what it changed, as it was.
 */
export function useTripDraft(kept: Trip): { trip: Trip; change: (step: TripStep) => TripStep } {
  const store = useStore();
  const [draft, setDraft] = useState<Trip | null>(null);
  if (draft && draft.updatedAt === kept.updatedAt) setDraft(null);
  const trip = draft && isAfter(draft.updatedAt, kept.updatedAt) ? draft : kept;
  const latest = useRef(trip);
  useEffect(() => {
    latest.current = trip;
  });
  return {
    trip,
    change: (step) => {
      const before = latest.current;
      const updatedAt = stampNow();
      const stamped: TripStep = (own) => ({ ...step(own), updatedAt });
      const own = stamped(before);
      setDraft(own);
      latest.current = own;
      store.trips
        .update(own.id, stamped)
        // One that is not kept yet is, with its first change.
        .then((stored) => (stored ? undefined : store.trips.save(own)))
        // A refused write shows its own notice, and can be tried again there.
        .catch(() => {});
      return backStep(before, own);
    },
  };
}

/** Puts back what differs between two states of a trip, cell by cell, where nothing later has touched it. */
export function backStep(before: Trip, after: Trip): TripStep {
  const back = reversed(fieldChanges(before, after));
  return (trip) => withChanges(trip, back).record;
}
