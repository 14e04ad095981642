'use client';

import { useMemo } from 'react';
import {
  benchAt,
  edgeNeeds,
  handOf,
  zoneStates,
  type Bench,
  type EdgeNeed,
  type Hand,
  type Shelf,
  type ZoneState,
} from '../core';
import type { AllRecords } from '../domain/records';
import type { LoggedSession } from '../domain/loggedSession';
import type { Session } from '../domain/session';
import type { Settings } from '../domain/settings';
import type { Tool } from '../domain/tool';
import { defaultSettings } from '../data';
import { useInspections, useRecords, useSessions } from './useRecords';
import { memoizeLast } from './memoizeLast';

const UNSET = defaultSettings('1970-01-01T00:00:00.000Z');

const shelfOf = memoizeLast(
  (
    abrasives: AllRecords['abrasives'],
    strops: AllRecords['strops'],
    compounds: AllRecords['compounds'],
    lubricants: AllRecords['lubricants'],
  ): Shelf => ({ abrasives, strops, compounds, lubricants }),
);

const statesOf = memoizeLast(
  (tools: AllRecords['tools'], sessions: LoggedSession[], inspections: AllRecords['inspections']) =>
    zoneStates({ tools, sessions, inspections }),
);

const handFrom = memoizeLast((sessions: LoggedSession[], shelf: Shelf, settings: Settings) =>
  handOf({
    sessions,
    shelf,
    pace: settings.strokesPerMinute,
    forgotten: settings.forgotten,
  }),
);

const needsOf = memoizeLast((states: ZoneState[], shelf: Shelf, hand: Hand) =>
  edgeNeeds({
    states,
    benchOf: ({ schools }) => benchAt({ where: 'bench', shelf, schools, hand }),
  }),
);

/** Everything on the shelf; undefined while it is read. */
export function useShelf(): Shelf | undefined {
  const abrasives = useRecords('abrasives');
  const strops = useRecords('strops');
  const compounds = useRecords('compounds');
  const lubricants = useRecords('lubricants');
  return abrasives && strops && compounds && lubricants
    ? shelfOf(abrasives, strops, compounds, lubricants)
    : undefined;
}

/** The person's settings, or the usual ones; undefined while they are read. */
export function useSettings(): Settings | undefined {
  const settings = useRecords('settings');
  return settings && (settings[0] ?? UNSET);
}

/** The person's hand: its pace, and what the log has taught; undefined while it is read. */
export function useHand(): Hand | undefined {
  const sessions = useSessions();
  const shelf = useShelf();
  const settings = useSettings();
  return sessions && shelf && settings ? handFrom(sessions, shelf, settings) : undefined;
}

/** Where a tool's keeper works, and with what; undefined while it is read. */
export function useBench(): ((tool: Tool, where: Session['where']) => Bench) | undefined {
  const shelf = useShelf();
  const hand = useHand();
  return useMemo(
    () => shelf && hand && (({ schools }, where) => benchAt({ where, shelf, schools, hand })),
    [shelf, hand],
  );
}

/** How every zone of every tool stands; undefined while it is read. */
export function useZoneStates(): ZoneState[] | undefined {
  const tools = useRecords('tools');
  const sessions = useSessions();
  const inspections = useInspections();
  return tools && sessions && inspections ? statesOf(tools, sessions, inspections) : undefined;
}

/** How one zone stands; undefined while it is read, or where there is none. */
export function useZoneState(toolId: string, zoneId: string): ZoneState | undefined {
  return useZoneStates()?.find(({ tool, zone }) => tool.id === toolId && zone.id === zoneId);
}

/** What every zone needs with the whole shelf at hand, most urgent first. */
export function useEdgeNeeds(): EdgeNeed[] | undefined {
  const states = useZoneStates();
  const shelf = useShelf();
  const hand = useHand();
  return states && shelf && hand ? needsOf(states, shelf, hand) : undefined;
}
