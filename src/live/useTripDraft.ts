'use client';

import { useEffect, useRef, useState, type RefObject } from 'react';
import type { Trip } from '../domain/trip';
import { useStore } from './StoreProvider';

/**
 * A trip that is being changed: a change shows at once and is kept beside that; what is kept takes over as
 * soon as it is as new, so that another tab, or an undo, may change it back. `latest` is the newest of all,
 * for changes that follow each other within one frame.
 */
export function useTripDraft(kept: Trip): {
  trip: Trip;
  latest: RefObject<Trip>;
  put: (next: Trip) => void;
} {
  const store = useStore();
  const [draft, setDraft] = useState<Trip | null>(null);
  if (draft && draft.updatedAt === kept.updatedAt) setDraft(null);
  const trip = draft && draft.updatedAt > kept.updatedAt ? draft : kept;
  const latest = useRef(trip);
  useEffect(() => {
    latest.current = trip;
  });
  return {
    trip,
    latest,
    put: (next) => {
      const own = { ...next, updatedAt: new Date().toISOString() };
      setDraft(own);
      latest.current = own;
      // A refused write shows its own notice, and can be tried again there.
      store.trips.save(own).catch(() => {});
    },
  };
}
