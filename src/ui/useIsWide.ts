'use client';

import { useSyncExternalStore } from 'react';

/** From here on two columns fit side by side; as wide as the `lg` of the styles. */
const WIDE = '(width >= 64rem)';

function subscribe(listener: () => void): () => void {
  const query = window.matchMedia?.(WIDE);
  query?.addEventListener('change', listener);
  return () => query?.removeEventListener('change', listener);
}

/** Whether the window is wide enough for two columns. */
export function useIsWide(): boolean {
  return useSyncExternalStore(
    subscribe,
    () => window.matchMedia?.(WIDE).matches ?? true,
    () => true,
  );
}
