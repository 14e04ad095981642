'use client';

import { useMemo } from 'react';
import type { Shelf } from '../core/ladder';
import { defaultSettings } from '../data';
import type { Settings } from '../domain/settings';
import { useRecords } from './useRecords';

const UNSET = defaultSettings('1970-01-01T00:00:00.000Z');

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

/** The person's settings, or the usual ones; undefined while they are read. */
export function useSettings(): Settings | undefined {
  const settings = useRecords('settings');
  return settings && (settings[0] ?? UNSET);
}
