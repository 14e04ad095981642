'use client';

import { useSyncExternalStore } from 'react';

/** Whether the page is in front: another tab, another program or a dark screen hides it. */
export function useIsShown(): boolean {
  return useSyncExternalStore(
    (changed) => {
      document.addEventListener('visibilitychange', changed);
      return () => document.removeEventListener('visibilitychange', changed);
    },
    () => !document.hidden,
    () => true,
  );
}
