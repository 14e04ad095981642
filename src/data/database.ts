import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { RecordOf, StoreName } from '../domain/records';
import { MIGRATIONS, type Migration } from './migrations';

export type OpenTrailSchema = DBSchema & {
  [S in StoreName]: { key: string; value: RecordOf<S> };
};
export type Database = IDBPDatabase<OpenTrailSchema>;

const DATABASE_NAME = 'open-trail';

/**
 * Opens the database, upgrading an older one step by step; rejects with the reason when a step
 * fails, and leaves the older database as it was.
 *
 * `onOutdated` is called when this connection has been closed, by another tab that needs a newer
 * version or by the browser, and the page must be reloaded.
 */
export function openDatabase(
  options: {
    name?: string;
    migrations?: readonly Migration[];
    onOutdated?: () => void;
  } = {},
): Promise<Database> {
  const { name = DATABASE_NAME, migrations = MIGRATIONS, onOutdated } = options;
  let failure: unknown;
  const opened: Promise<IDBPDatabase> = openDB(name, migrations.length, {
    async upgrade(database, oldVersion, _newVersion, transaction) {
      try {
        for (const migrate of migrations.slice(oldVersion)) await migrate(database, transaction);
      } catch (error) {
        failure = error;
        // The abort is what rejects the opening; its own promise has nothing to add.
        transaction.done.catch(() => {});
        transaction.abort();
      }
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
