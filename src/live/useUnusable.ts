'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { COMPUTED_STORES, findUnusable, type Store, type UnusableRecord } from '../data';
import type { StoreName } from '../domain/storeNames';
import { useStore } from './StoreProvider';

/** The records that cannot be used, as they are stored; read anew with every change of these stores. */
export function useUnusable(stores: readonly StoreName[] = COMPUTED_STORES): UnusableRecord[] {
  const store = useStore();
  const client = useQueryClient();
  const queryKey = ['unusable', ...stores];
  useEffect(
    () =>
      store.changes.listen((tables) => {
        if (tables.some((table) => stores.includes(table as StoreName)))
          void client.invalidateQueries({ queryKey: ['unusable'] });
      }),
    [store, stores, client],
  );
  return useQuery({ queryKey, queryFn: () => unusableIn(store, stores) }).data ?? [];
}

async function unusableIn(store: Store, stores: readonly StoreName[]): Promise<UnusableRecord[]> {
  const each = stores.map(async (name) =>
    findUnusable(
      name,
      (name === 'sessions' || name === 'inspections'
        ? await store.log.unread(name)
        : await store.whole.readRaw(name)) as never,
    ),
  );
  return (await Promise.all(each)).flat();
}
