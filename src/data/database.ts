import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { RecordOf, StoreName } from '../domain/records';
import { MIGRATIONS, type Migration } from './migrations';

export type OpenTrailSchema = DBSchema & {
  [S in StoreName]: { key: string; value: RecordOf<S> };
};
export type Database = IDBPDatabase<OpenTrailSchema>;

export const DATABASE_NAME = 'open-trail';

/**
 * Opens the database, upgrading an older one step by step.
 *
 * `onOutdated` is called when another tab needs a newer version: this connection has been closed
 * and the page must be reloaded.
 */
export function openDatabase(
  options: {
    name?: string;
    migrations?: readonly Migration[];
    onOutdated?: () => void;
  } = {},
): Promise<Database> {
  const { name = DATABASE_NAME, migrations = MIGRATIONS, onOutdated } = options;
  const opened: Promise<IDBPDatabase> = openDB(name, migrations.length, {
    async upgrade(database, oldVersion, _newVersion, transaction) {
      try {
        for (const migrate of migrations.slice(oldVersion)) await migrate(database, transaction);
      } catch (error) {
        transaction.abort();
        throw error;
      }
    },
    blocking(_current, _blocked, event) {
      (event.target as IDBDatabase).close();
      onOutdated?.();
    },
  });
  return opened as unknown as Promise<Database>;
}
