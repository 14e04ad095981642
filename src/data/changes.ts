import type { Table } from './lines';

/** Tells every tab what has changed. */
export interface Changes {
  announce(tables: readonly Table[]): void;
  /** Returns the way to stop listening. */
  listen(listener: (tables: readonly Table[]) => void): () => void;
  close(): void;
}

/** Changes of one database, to listeners in this tab and, by BroadcastChannel, in the others. */
export function createChanges(databaseName: string): Changes {
  const listeners = new Set<(tables: readonly Table[]) => void>();
  const tell = (tables: readonly Table[]): void => listeners.forEach((l) => l(tables));
  const channel =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(databaseName);
  channel?.addEventListener('message', ({ data }) => tell(data as Table[]));
  return {
    announce(tables) {
      tell(tables);
      channel?.postMessage(tables);
    },
    listen(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    close: () => channel?.close(),
  };
}
