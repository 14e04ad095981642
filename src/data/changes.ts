import type { StoreName } from '../domain/records';

/** Tells every tab which stores have changed. */
export interface Changes {
  announce(stores: readonly StoreName[]): void;
  /** Returns the way to stop listening. */
  listen(listener: (stores: readonly StoreName[]) => void): () => void;
  close(): void;
}

/** Changes of one database, to listeners in this tab and, by BroadcastChannel, in the others. */
export function createChanges(databaseName: string): Changes {
  const listeners = new Set<(stores: readonly StoreName[]) => void>();
  const tell = (stores: readonly StoreName[]): void => listeners.forEach((l) => l(stores));
  const channel =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(databaseName);
  channel?.addEventListener('message', ({ data }) => tell(data as StoreName[]));
  return {
    announce(stores) {
      tell(stores);
      channel?.postMessage(stores);
    },
    listen(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    close: () => channel?.close(),
  };
}
