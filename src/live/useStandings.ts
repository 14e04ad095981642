'use client';

import { useQuery } from '@tanstack/react-query';
import type { EdgeNeed, Hand, Standings, ZoneState } from '../core';
import { readStandings } from '../workers/standingsClient';
import { STANDINGS_KEY } from './queryKeys';
import { useStore } from './StoreProvider';

/**
 * Where everything stands by the whole log; undefined while it is read. What was kept at the last look
 * shows at once; it is judged anew beside that, as the model may have got better since.
 */
export function useStandings(): Standings | undefined {
  const { snapshot } = useStore();
  const kept = useQuery({ queryKey: [...STANDINGS_KEY, 'kept'], queryFn: () => snapshot.read() });
  const judged = useQuery({ queryKey: STANDINGS_KEY, queryFn: readStandings });
  return judged.data ?? kept.data ?? undefined;
}

/** The person's hand: its pace, and what the log has taught; undefined while it is read. */
export function useHand(): Hand | undefined {
  return useStandings()?.hand;
}

/** How every zone of every tool stands; undefined while it is read. */
export function useZoneStates(): ZoneState[] | undefined {
  return useStandings()?.states;
}

/** How one zone stands; undefined while it is read, or where there is none. */
export function useZoneState(toolId: string, zoneId: string): ZoneState | undefined {
  return useZoneStates()?.find(({ tool, zone }) => tool.id === toolId && zone.id === zoneId);
}

/** What every zone needs with the whole shelf at hand, most urgent first. */
export function useEdgeNeeds(): EdgeNeed[] | undefined {
  return useStandings()?.needs;
}
