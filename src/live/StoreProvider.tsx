'use client';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import {
  loadSampleOnFirstVisit,
  openStore,
  reportingFailures,
  standingsTablesIn,
  type FailedWrite,
  type Store,
} from '../data';
import { wakeStandings } from '../workers/standingsClient';
import { KEPT_STANDINGS_KEY, STANDINGS_KEY, UNUSABLE_KEY } from './queryKeys';

/** The standings' thread starts beside the opening of the database. */
if (typeof window !== 'undefined') wakeStandings();

const StoreContext = createContext<Store | null>(null);

/** Records answer from the database alone: nothing is fetched, nothing goes stale by itself. */
const options = {
  queries: { staleTime: Infinity, gcTime: Infinity, retry: false, networkMode: 'always' },
  mutations: { retry: false, networkMode: 'always' },
} as const;

/**
 * Opens the database once for the whole application; screens below render when it is open.
 * `fallback` shows meanwhile, and `blocked` while another tab holds an older version; `onOutdated`
 * hears when another tab has brought a newer version, or the browser has closed the database;
 * `onFailedWrite` hears of every write that was refused.
 */
export function StoreProvider(props: {
  children: ReactNode;
  fallback: ReactNode;
  blocked: ReactNode;
  failed: (message: string) => ReactNode;
  onOutdated: () => void;
  onFailedWrite: (failed: FailedWrite) => void;
}) {
  const { onOutdated, onFailedWrite } = props;
  const [client] = useState(() => new QueryClient({ defaultOptions: options }));
  const [store, setStore] = useState<Store | null>(null);
  const [isBlocked, setBlocked] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);

  useEffect(() => {
    let stop = (): void => {};
    let gone = false;
    openStore({ onOutdated, onBlocked: () => setBlocked(true) })
      .then(async (opened) => {
        await loadSampleOnFirstVisit(opened);
        if (gone) return;
        stop = followChanges(opened, client);
        setStore(reportingFailures(opened, onFailedWrite));
      })
      .catch((error: Error) => setFailure(error.message));
    return () => {
      gone = true;
      stop();
    };
  }, [client, onOutdated, onFailedWrite]);

  if (failure) return props.failed(failure);
  if (!store) return isBlocked ? props.blocked : props.fallback;
  return (
    <QueryClientProvider client={client}>
      <StoreContext.Provider value={store}>{props.children}</StoreContext.Provider>
    </QueryClientProvider>
  );
}

/** Reads anew what has changed, in this tab or another; what this tab is writing waits for its end. */
function followChanges(store: Store, client: QueryClient): () => void {
  return store.changes.listen((tables) => {
    if (standingsTablesIn(tables).length > 0) {
      client.setQueryData(KEPT_STANDINGS_KEY, null);
      void client.invalidateQueries({ queryKey: STANDINGS_KEY });
    }
    void client.invalidateQueries({ queryKey: UNUSABLE_KEY });
    for (const table of tables)
      void client.invalidateQueries({
        queryKey: [table],
        predicate: ({ queryKey }) => client.isMutating({ mutationKey: queryKey }) === 0,
      });
  });
}

export function useStore(): Store {
  const store = useContext(StoreContext);
  if (!store) throw new Error('useStore needs a StoreProvider above it');
  return store;
}
