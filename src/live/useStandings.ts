'use client';

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Standings, ZoneState } from '../core/inspection';
import type { Hand } from '../core/ladder';
import type { SurfaceUse } from '../core/log';
import type { LoggedSession } from '../domain/loggedSession';
import { readStandings } from '../workers/wholeLogClient';
import { KEPT_STANDINGS_KEY, STANDINGS_KEY } from './queryKeys';
import { useStore } from './StoreProvider';

/**
 * Where everything stands by the whole log; undefined while it is read. What was kept at the last look
 * shows at once; it is judged anew beside that where something was written since, or the model has
 * changed.
 */
export function useStandings(): Standings | undefined {
  return useJudging().standings;
}

/**
 * The standings for a screen that begins from them, like a plan: undefined until they hold everything
 * that was written before it opened. From then on they follow like any other.
 */
export function useSettledStandings(): Standings | undefined {
  const { standings, isSettled } = useJudging();
  const [hasSettled, setSettled] = useState(false);
  if (isSettled && !hasSettled) setSettled(true);
  return hasSettled || isSettled ? standings : undefined;
}

/** When what is shown was judged: another number for other standings. */
export function useJudgedAt(): number {
  return useJudging().judgedAt;
}

interface Judging {
  standings: Standings | undefined;
  isSettled: boolean;
  judgedAt: number;
}

function useJudging(): Judging {
  const { snapshot } = useStore();
  const kept = useQuery({ queryKey: KEPT_STANDINGS_KEY, queryFn: () => snapshot.read() });
  const judged = useQuery({
    queryKey: STANDINGS_KEY,
    queryFn: readStandings,
    enabled: kept.isFetched && !kept.data?.isCurrent,
  });
  // The boundary of the route says so; drawing the screen again judges again.
  if (judged.isError && !judged.isFetching) throw judged.error;
  return judged.data
    ? {
        standings: judged.data,
        isSettled: !judged.isFetching,
        judgedAt: judged.dataUpdatedAt,
      }
    : {
        standings: kept.data?.standings,
        isSettled: kept.data?.isCurrent ?? false,
        judgedAt: kept.dataUpdatedAt,
      };
}

const NONE: LoggedSession[] = [];

/** What is under way on any tool, newest first. */
export function useUnderWayAll(): LoggedSession[] {
  return useStandings()?.underWay ?? NONE;
}

/** What is under way on a tool, newest first: sessions that are begun and not finished. */
export function useUnderWay(toolId: string): LoggedSession[] {
  return useUnderWayAll().filter((session) => session.toolId === toolId);
}

/** The person's hand: its pace, and what the log has taught; undefined while it is read. */
export function useHand(): Hand | undefined {
  return useStandings()?.hand;
}

/** No surface was used, or nothing is read yet. */
export const NO_USE: ReadonlyMap<string, SurfaceUse> = new Map();

/** What was done on each surface of the shelf since it was fresh; undefined while it is read. */
export function useSurfaceUse(): ReadonlyMap<string, SurfaceUse> | undefined {
  return useStandings()?.surfaceUse;
}

/** How every zone of every tool stands; undefined while it is read. */
export function useZoneStates(): ZoneState[] | undefined {
  return useStandings()?.states;
}

/** How one zone stands; undefined while it is read, or where there is none. */
export function useZoneState(toolId: string, zoneId: string): ZoneState | undefined {
  return useZoneStates()?.find(({ tool, zone }) => tool.id === toolId && zone.id === zoneId);
}
