import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from 'idb';
import type { RecordOf, StoreName } from '../domain/records';
import { lineOf, LINED_STORES, type Lines } from './lines';
import { MIGRATIONS, type Migration } from './migrations';
import type { SnapshotRecord } from './snapshot';

export type OpenTrailSchema = DBSchema & {
  [S in StoreName]: { key: string; value: RecordOf<S> };
} & {
  [L in keyof Lines]: {
    key: string;
    value: Lines[L];
    indexes: { toolId: string; startedAt: string };
  };
} & {
  snapshot: { key: string; value: SnapshotRecord };
};
export type Database = IDBPDatabase<OpenTrailSchema>;

const DATABASE_NAME = 'open-trail';

/**
 * Opens the database, upgrading an older one step by step; rejects with the reason when a step
 * fails, and leaves the older database as it was.
 *
 * `onOutdated` is called when this connection has been closed, by another tab that needs a newer
 * version or by the browser, and the page must be reloaded; `onBlocked` when the opening waits for
 * another tab that holds an older version and does not let go.
 */
export function openDatabase(
  options: {
    name?: string;
    migrations?: readonly Migration[];
    onOutdated?: () => void;
    onBlocked?: () => void;
  } = {},
): Promise<Database> {
  const { name = DATABASE_NAME, migrations = MIGRATIONS, onOutdated, onBlocked } = options;
  let failure: unknown;
  const opened: Promise<IDBPDatabase> = openDB(name, migrations.length, {
    async upgrade(database, oldVersion, _newVersion, transaction) {
      try {
        for (const migrate of migrations.slice(oldVersion)) await migrate(database, transaction);
        await rebuildLines(database, transaction);
        forgetSnapshot(database);
      } catch (error) {
        failure = error;
        // The abort is what rejects the opening; its own promise has nothing to add.
        transaction.done.catch(() => {});
        transaction.abort();
      }
    },
    blocked() {
      onBlocked?.();
    },
    blocking(_current, _blocked, event) {
      (event.target as IDBDatabase).close();
      onOutdated?.();
    },
    terminated() {
      onOutdated?.();
    },
  });
  return opened.catch((error: unknown) => {
    throw failure ?? error;
  }) as unknown as Promise<Database>;
}

/** Standings are judged anew after an upgrade. */
function forgetSnapshot(database: IDBPDatabase): void {
  if (database.objectStoreNames.contains('snapshot')) database.deleteObjectStore('snapshot');
  database.createObjectStore('snapshot', { keyPath: 'id' });
}

/** What lines are found by; a look has no `startedAt`, and is not found by it. */
const LINE_INDEXES = ['toolId', 'startedAt'] as const;

/** Makes the log's lines anew from the records; what cannot be read has none. */
async function rebuildLines(
  database: IDBPDatabase,
  transaction: IDBPTransaction<unknown, string[], 'versionchange'>,
): Promise<void> {
  for (const [records, lines] of LINED_STORES) {
    if (!database.objectStoreNames.contains(lines)) {
      const made = database.createObjectStore(lines, { keyPath: 'id' });
      for (const field of LINE_INDEXES) made.createIndex(field, field);
    }
    const target = transaction.objectStore(lines);
    await target.clear();
    let cursor = await transaction.objectStore(records).openCursor();
    while (cursor) {
      const line = lineOf(lines, cursor.value);
      if (line) await target.put(line);
      cursor = await cursor.continue();
    }
  }
}
