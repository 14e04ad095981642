'use client';

import { useQuery } from '@tanstack/react-query';
import { COMPUTED_STORES, findUnusable, type Store, type UnusableRecord } from '../data';
import type { StoreName } from '../domain/storeNames';
import { UNUSABLE_KEY } from './queryKeys';
import { useStore } from './StoreProvider';

/** The records that cannot be used, as they are stored; read anew with every change. */
export function useUnusable(stores: readonly StoreName[] = COMPUTED_STORES): UnusableRecord[] {
  const store = useStore();
  const queryKey = [...UNUSABLE_KEY, ...stores];
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
