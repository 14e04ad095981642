'use client';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createContext, useContext, useEffect, useState, type ReactNode } from 'react';
import { standingsTablesIn, type KeptStandings, type KeptStore, type Store } from '../data';
import { onRefusal, useOpening } from './opening';
import {
  ANSWERS_KEY,
  BIN_KEY,
  KEPT_STANDINGS_KEY,
  STANDINGS_KEY,
  TAUGHT_KEY,
  UNUSABLE_KEY,
} from './queryKeys';

export const KeptContext = createContext<KeptStore | null>(null);

/** Records answer from the database alone: nothing is fetched, nothing goes stale by itself. */
const options = {
  queries: { staleTime: Infinity, gcTime: Infinity, retry: false, networkMode: 'always' },
  mutations: { retry: false, networkMode: 'always' },
} as const;

/**
 * The database for the whole application; screens below render when it is open. `fallback` shows
 * meanwhile, and `blocked` while another tab holds an older version; `onRefused` hears of every write that
 * is not valid as it is.
 */
export function StoreProvider(props: {
  children: ReactNode;
  fallback: ReactNode;
  blocked: ReactNode;
  failed: (error: Error) => ReactNode;
  onRefused: (error: Error) => void;
}) {
  const { onRefused } = props;
  const opening = useOpening();
  useEffect(() => onRefusal(onRefused), [onRefused]);
  if (opening.stage === 'failed') return props.failed(opening.error);
  if (opening.stage === 'blocked') return props.blocked;
  if (opening.stage === 'opening') return props.fallback;
  return <OpenStore kept={opening.kept}>{props.children}</OpenStore>;
}

function OpenStore({ kept, children }: { kept: KeptStore; children: ReactNode }) {
  const [client] = useState(() => new QueryClient({ defaultOptions: options }));
  useEffect(() => followChanges(kept.store, client), [kept, client]);
  return (
    <QueryClientProvider client={client}>
      <KeptContext.Provider value={kept}>{children}</KeptContext.Provider>
    </QueryClientProvider>
  );
}

/** Reads anew what has changed, in this tab or another; what this tab is writing waits for its end. */
function followChanges(store: Store, client: QueryClient): () => void {
  return store.changes.listen((tables) => {
    if (standingsTablesIn(tables).length > 0) {
      client.setQueryData<KeptStandings | null>(
        KEPT_STANDINGS_KEY,
        (kept) => kept && { ...kept, isCurrent: false },
      );
      void client.invalidateQueries({ queryKey: STANDINGS_KEY });
      void client.invalidateQueries({ queryKey: TAUGHT_KEY });
    }
    if (tables.includes('trips') || standingsTablesIn(tables).length > 0)
      void client.invalidateQueries({ queryKey: ANSWERS_KEY });
    void client.invalidateQueries({ queryKey: UNUSABLE_KEY });
    // Whatever is written may come into the bin, or out of it.
    void client.invalidateQueries({ queryKey: BIN_KEY });
    for (const table of tables)
      void client.invalidateQueries({
        queryKey: [table],
        predicate: ({ queryKey }) => client.isMutating({ mutationKey: queryKey }) === 0,
      });
  });
}

export function useStore(): Store {
  const kept = useContext(KeptContext);
  if (!kept) throw new Error('useStore needs a StoreProvider above it');
  return kept.store;
}
