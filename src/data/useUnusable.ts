'use client';

import { useEffect, useState } from 'react';
import { useStore } from './StoreProvider';
import { COMPUTED_STORES, findUnusable, type UnusableRecord } from './unusable';

/** The records that cannot be used, kept as they are stored; read anew with every change. */
export function useUnusable(): UnusableRecord[] {
  const store = useStore();
  const [found, setFound] = useState<UnusableRecord[]>([]);
  useEffect(() => {
    const read = async (): Promise<void> => {
      const each = COMPUTED_STORES.map(async (name) =>
        findUnusable(name, await store.whole.readRaw(name)),
      );
      setFound((await Promise.all(each)).flat());
    };
    void read();
    return store.changes.listen((names) => {
      if (names.some((name) => COMPUTED_STORES.includes(name))) void read();
    });
  }, [store]);
  return found;
}
