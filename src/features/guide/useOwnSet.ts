'use client';

import { SET_KEY, usePreference } from '../../ui/preferences';

/** A set in the person's own words: what it is called, and how many strokes it has. */
export interface OwnSet {
  name: string;
  strokes: number;
}

/** The set that this person counts in, on this device; of a usual size where none is named. */
export function useOwnSet(usualStrokes: number): [OwnSet, (set: OwnSet | null) => void] {
  const [stored, store] = usePreference(SET_KEY, '');
  const [, name, strokes] = /^(.{1,16}) (\d{1,3})$/.exec(stored) ?? [];
  const own = name && strokes && Number(strokes) > 0 ? { name, strokes: Number(strokes) } : null;
  return [
    own ?? { name: 'set', strokes: usualStrokes },
    (set) => store(set ? `${set.name} ${set.strokes}` : ''),
  ];
}
