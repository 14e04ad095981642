'use client';

import { useEffect, useState } from 'react';
import type { StoreName } from '../domain/records';
import { useStore } from './StoreProvider';
import { COMPUTED_STORES, findUnusable, type UnusableRecord } from './unusable';

/**
 * The records that cannot be used, kept as they are stored; read anew with every change. `stores` says
 * where to look: the same array at every call, or they are read at every call.
 */
export function useUnusable(stores: readonly StoreName[] = COMPUTED_STORES): UnusableRecord[] {
  const store = useStore();
  const [found, setFound] = useState<UnusableRecord[]>([]);
  useEffect(() => {
    const read = async (): Promise<void> => {
      const each = stores.map(async (name) => findUnusable(name, await store.whole.readRaw(name)));
      setFound((await Promise.all(each)).flat());
    };
    void read();
    return store.changes.listen((names) => {
      if (names.some((name) => stores.includes(name))) void read();
    });
  }, [store, stores]);
  return found;
}
