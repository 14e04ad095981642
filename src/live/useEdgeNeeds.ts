'use client';

import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { byUrgency, type EdgeNeed } from '../core/inspection';
import type { NeedsOut } from '../core/trip';
import type { Trip } from '../domain/trip';
import { goesAlong, tripUnderWay } from '../domain/tripDays';
import { readNeedsOut } from '../workers/tripClient';
import { useNow } from './useNow';
import { useRecords } from './useRecords';
import { useJudgedAt, useStandings } from './useStandings';

/** The trip that is under way, and what its edges need by where they would be worked there. */
export interface TripOut {
  trip: Trip;
  needs: NeedsOut;
}

/** The trip that is under way; null where none is, undefined while it is read. */
export function useTripOut(): TripOut | null | undefined {
  const trips = useRecords('trips');
  const now = useNow();
  const judgedAt = useJudgedAt();
  const trip = trips && tripUnderWay(trips, now);
  const needs = useQuery({
    queryKey: ['needs out', trip?.id, trip?.updatedAt, now, judgedAt],
    queryFn: () => readNeedsOut(trip!, now),
    enabled: trip !== undefined,
    placeholderData: keepPreviousData,
  }).data;
  return useMemo(() => {
    if (!trips) return undefined;
    return trip ? (needs ? { trip, needs } : undefined) : null;
  }, [trips, trip, needs]);
}

/**
 * What every zone needs with what is at hand where it is, most urgent first: at camp while its trip is under
 * way, else at the bench. Undefined while it is read.
 */
export function useEdgeNeeds(): EdgeNeed[] | undefined {
  const needs = useStandings()?.needs;
  const out = useTripOut();
  return useMemo(() => {
    if (!needs || out === undefined) return undefined;
    if (out === null) return needs;
    const home = needs.filter(({ tool }) => !goesAlong(out.trip, tool.id));
    return [...out.needs.camp, ...home].sort(byUrgency);
  }, [needs, out]);
}
