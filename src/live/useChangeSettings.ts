'use client';

import { defaultSettings } from '../data';
import type { Settings } from '../domain/settings';
import { useStore } from './StoreProvider';
import { stampNow } from '../domain/clock';

/** Changes some of the person's settings and leaves the others as they are; the first change makes them. */
export function useChangeSettings(): (change: Partial<Settings>) => Promise<void> {
  const { settings } = useStore();
  return async (change) => {
    const at = stampNow();
    const unset = defaultSettings(at);
    const changed = await settings.update(unset.id, (present) => ({
      ...present,
      ...change,
      updatedAt: at,
    }));
    if (!changed) await settings.save({ ...unset, ...change });
  };
}
