'use client';

import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import type { RecordOf, StoreName } from '../domain/records';
import { loadSampleOnFirstVisit } from './sampleData';
import { reportingFailures, type FailedWrite } from './failedWrites';
import { openStore, type Store } from './store';

const StoreContext = createContext<Store | null>(null);

/** Records answer from the database alone: nothing is fetched, nothing goes stale by itself. */
const queryOptions = { staleTime: Infinity, gcTime: Infinity, retry: false, networkMode: 'always' };

/**
 * Opens the database once for the whole application; screens below render when it is open.
 * `fallback` shows meanwhile; `onOutdated` hears when another tab has brought a newer version, or the
 * browser has closed the database; `onFailedWrite` hears of every write that was refused.
 */
export function StoreProvider(props: {
  children: ReactNode;
  fallback: ReactNode;
  failed: (message: string) => ReactNode;
  onOutdated: () => void;
  onFailedWrite: (failed: FailedWrite) => void;
}) {
  const { onOutdated, onFailedWrite } = props;
  const [client] = useState(
    () => new QueryClient({ defaultOptions: { queries: queryOptions as object } }),
  );
  const [store, setStore] = useState<Store | null>(null);
  const [failure, setFailure] = useState<string | null>(null);

  useEffect(() => {
    let stop = (): void => {};
    let gone = false;
    openStore(onOutdated)
      .then(async (opened) => {
        await loadSampleOnFirstVisit(opened);
        if (gone) return;
        stop = opened.changes.listen((names) => {
          for (const name of names) void client.invalidateQueries({ queryKey: [name] });
        });
        setStore(reportingFailures(opened, onFailedWrite));
      })
      .catch((error: Error) => setFailure(error.message));
    return () => {
      gone = true;
      stop();
    };
  }, [client, onOutdated, onFailedWrite]);

  if (failure) return props.failed(failure);
  if (!store) return props.fallback;
  return (
    <QueryClientProvider client={client}>
      <StoreContext.Provider value={store}>{props.children}</StoreContext.Provider>
    </QueryClientProvider>
  );
}

export function useStore(): Store {
  const store = useContext(StoreContext);
  if (!store) throw new Error('useStore needs a StoreProvider above it');
  return store;
}

/** All records of a store, refreshed when any tab changes it; undefined while they are read. */
export function useRecords<S extends StoreName>(name: S): RecordOf<S>[] | undefined {
  const store = useStore();
  return useQuery({
    queryKey: [name],
    queryFn: async () => (await store[name].list()).records as RecordOf<S>[],
  }).data;
}

/** The ids of a store's records that could not be read. */
export function useDamagedIds(name: StoreName): string[] | undefined {
  const store = useStore();
  return useQuery({
    queryKey: [name, 'damaged'],
    queryFn: async () => (await store[name].list()).damagedIds,
  }).data;
}
