'use client';

import {
  abrasivesAtHand,
  edgeNeeds,
  zoneStates,
  type EdgeNeed,
  type Shelf,
  type ZoneState,
} from '../core';
import type { AllRecords } from '../domain/records';
import type { Settings } from '../domain/settings';
import { useRecords } from './StoreProvider';
import { defaultSettings } from './defaultSettings';
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
  (
    tools: AllRecords['tools'],
    sessions: AllRecords['sessions'],
    inspections: AllRecords['inspections'],
  ) => zoneStates({ tools, sessions, inspections }),
);

const needsOf = memoizeLast((states: ZoneState[], shelf: Shelf, settings: Settings) =>
  edgeNeeds({ states, abrasives: abrasivesAtHand(shelf), pace: settings.strokesPerMinute }),
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

/** How every zone of every tool stands; undefined while it is read. */
export function useZoneStates(): ZoneState[] | undefined {
  const tools = useRecords('tools');
  const sessions = useRecords('sessions');
  const inspections = useRecords('inspections');
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
  const settings = useSettings();
  return states && shelf && settings ? needsOf(states, shelf, settings) : undefined;
}
