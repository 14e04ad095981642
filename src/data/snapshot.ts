import type { Standings } from '../core';
import { STANDINGS_TABLES } from './standingsTables';
import type { Table } from './lines';
import type { Database, Transaction } from './schema';

/**
 * The standings as they were last judged, kept so that a screen shows them at once. Every write of
 * what they follow from moves the revision on in its own transaction, and a snapshot of an older
 * revision is no longer one.
 */
export interface Snapshot {
  /** The standings of the present revision; null where they are not judged yet. */
  read(): Promise<Standings | null>;
  revision(): Promise<number>;
  /** Keeps standings that were judged at a revision, unless something has been written since. */
  keep(revision: number, standings: Standings): Promise<void>;
}

export function createSnapshot(database: Database): Snapshot {
  const present = () => database.get('snapshot', 'standings');
  return {
    read: async () => (await present())?.standings ?? null,
    revision: async () => (await present())?.revision ?? 0,
    async keep(revision, standings) {
      const { store, done } = database.transaction('snapshot', 'readwrite');
      const stands = (await store.get('standings'))?.revision ?? 0;
      if (stands === revision) await store.put({ id: 'standings', revision, standings });
      await done;
    },
  };
}

/** Moves the revision on where the standings follow from any of these tables. */
export async function moveRevision(
  transaction: Transaction,
  changed: ReadonlySet<Table>,
): Promise<void> {
  if (!STANDINGS_TABLES.some((table) => changed.has(table))) return;
  const store = transaction.objectStore('snapshot');
  const revision = ((await store.get('standings'))?.revision ?? 0) + 1;
  await store.put({ id: 'standings', revision, standings: null });
}
