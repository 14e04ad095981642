'use client';

import { useMemo } from 'react';
import { benchAt, type Bench } from '../core/inspection';
import type { Spot } from '../domain/terms';
import type { Tool } from '../domain/tool';
import type { Trip } from '../domain/trip';
import { goesAlong, openTrips, tripOf, tripPhase } from '../domain/tripDays';
import { useNow } from './useNow';
import { useRecords } from './useRecords';
import { useShelf } from './useShelf';
import { useHand } from './useStandings';

/** Where a tool is worked; where nothing is said it is at camp while its trip is under way, else at the bench. */
export interface Whereabouts {
  spot: Spot | null;
  /** The trip that is planned for; the tool's own where none is named. */
  tripId: string | null;
}

const HERE: Whereabouts = { spot: null, tripId: null };

/** Where a tool is, and which trip says what is at hand there. */
function spotOf(
  trips: readonly Trip[],
  toolId: string,
  { spot, tripId }: Whereabouts,
  now: string,
): { spot: Spot; trip: Trip | null } {
  const underWay = tripOf(trips, toolId, now);
  const ahead = openTrips(trips).find(
    (trip) => goesAlong(trip, toolId) && tripPhase(trip, now) === 'ahead',
  );
  const trip = trips.find(({ id }) => id === tripId) ?? underWay ?? ahead ?? null;
  return { spot: spot ?? (underWay ? 'camp' : 'bench'), trip };
}

/** What a tool's keeper works with where the tool is, or is said to be; undefined while it is read. */
export function useBench(): ((tool: Tool, where?: Whereabouts) => Bench) | undefined {
  const shelf = useShelf();
  const hand = useHand();
  const trips = useRecords('trips');
  const now = useNow();
  return useMemo(
    () =>
      shelf &&
      hand &&
      trips &&
      (({ id, schools }, where = HERE) =>
        benchAt({ ...spotOf(trips, id, where, now), shelf, now, schools, hand })),
    [shelf, hand, trips, now],
  );
}

/** Where a tool is, by itself where nothing is said, and its trip; undefined while it is read. */
export function useSpotOf():
  ((toolId: string, where?: Whereabouts) => ReturnType<typeof spotOf>) | undefined {
  const trips = useRecords('trips');
  const now = useNow();
  return useMemo(
    () => trips && ((toolId, where = HERE) => spotOf(trips, toolId, where, now)),
    [trips, now],
  );
}
