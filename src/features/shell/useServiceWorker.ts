'use client';

import { useEffect, useState } from 'react';

const FIRST_SCREEN_MS = 1200;

/** Registers the worker that keeps the application offline; true once a newer version waits. */
export function useServiceWorker(): boolean {
  const [newVersion, setNewVersion] = useState(false);
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const hadWorker = navigator.serviceWorker.controller !== null;
    const onChange = (): void => {
      if (hadWorker) setNewVersion(true);
    };
    navigator.serviceWorker.addEventListener('controllerchange', onChange);
    // The first screen comes first: the worker then fetches everything else.
    const later = setTimeout(
      () => void navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' }),
      FIRST_SCREEN_MS,
    );
    return () => {
      clearTimeout(later);
      navigator.serviceWorker.removeEventListener('controllerchange', onChange);
    };
  }, []);
  return newVersion;
}
