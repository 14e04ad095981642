'use client';

import { useEffect, useState } from 'react';

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
    void navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' });
    return () => navigator.serviceWorker.removeEventListener('controllerchange', onChange);
  }, []);
  return newVersion;
}
