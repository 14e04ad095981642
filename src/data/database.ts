import { RECORDS_VERSION } from '../domain/recordsVersion';
import { openDB, type IDBPDatabase } from 'idb';
import { FIRST_VERSION } from '../domain/upgrades/firstVersion';
import type { Migration } from './migrations';
import type { Database } from './schema';

const DATABASE_NAME = 'open-trail';

/** One more with every migration that is added. */
export const DATABASE_VERSION = RECORDS_VERSION;

/**
 * Opens the database, upgrading an older one step by step; rejects with the reason when a step
 * fails, and leaves the older database as it was.
 *
 * `onOutdated` is called when this connection has been closed, by another tab that needs a newer
 * version or by the browser, and the page must be reloaded; `onBlocked` when the opening waits for
 * another tab that holds an older version and does not let go.
 */
export async function openDatabase(
  options: {
    name?: string;
    migrations?: readonly Migration[];
    onOutdated?: () => void;
    onBlocked?: () => void;
  } = {},
): Promise<Database> {
  const { name = DATABASE_NAME, migrations, onOutdated, onBlocked } = options;
  const version = migrations ? FIRST_VERSION + migrations.length : DATABASE_VERSION;
  // A transaction does not wait for scripts to load: what upgrades is there before it is needed.
  const upgrading = (await isAt(name, version)) ? null : await import('./upgradeDatabase');
  let failure: unknown;
  try {
    const database: IDBPDatabase = await openDB(name, version, {
      async upgrade(opened, oldVersion, _newVersion, transaction) {
        try {
          if (!upgrading) throw new Error('The database was removed meanwhile: reload the page');
          await upgrading.upgradeDatabase(opened, transaction, oldVersion, migrations);
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
    return database as unknown as Database;
  } catch (error) {
    throw failure ?? error;
  }
}

/** Whether the database stands at this version already, as far as the browser says. */
async function isAt(name: string, version: number): Promise<boolean> {
  const databases = (await indexedDB.databases?.()) ?? [];
  return databases.some((found) => found.name === name && found.version === version);
}
