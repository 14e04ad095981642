'use client';

import { useMemo } from 'react';
import {
  abrasivesAtHand,
  edgeNeeds,
  zoneStates,
  type EdgeNeed,
  type Shelf,
  type ZoneState,
} from '../core';
import type { Settings } from '../domain/settings';
import { useRecords } from './StoreProvider';
import { defaultSettings } from './defaultSettings';

/** Everything on the shelf; undefined while it is read. */
export function useShelf(): Shelf | undefined {
  const abrasives = useRecords('abrasives');
  const strops = useRecords('strops');
  const compounds = useRecords('compounds');
  const lubricants = useRecords('lubricants');
  return useMemo(
    () =>
      abrasives && strops && compounds && lubricants
        ? { abrasives, strops, compounds, lubricants }
        : undefined,
    [abrasives, strops, compounds, lubricants],
  );
}

const UNSET = defaultSettings('1970-01-01T00:00:00.000Z');

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
  return useMemo(
    () =>
      tools && sessions && inspections ? zoneStates({ tools, sessions, inspections }) : undefined,
    [tools, sessions, inspections],
  );
}

/** What every zone needs with the whole shelf at hand, most urgent first. */
export function useEdgeNeeds(): EdgeNeed[] | undefined {
  const states = useZoneStates();
  const shelf = useShelf();
  const settings = useSettings();
  return useMemo(
    () =>
      states && shelf && settings
        ? edgeNeeds({
            states,
            abrasives: abrasivesAtHand(shelf),
            pace: settings.strokesPerMinute,
          })
        : undefined,
    [states, shelf, settings],
  );
}
