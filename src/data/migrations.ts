import type { IDBPDatabase, IDBPTransaction } from 'idb';
import { STORE_NAMES } from '../domain/storeNames';
import { FIRST_VERSION } from '../domain/upgrades/firstVersion';
import { UPGRADES, type Upgrade } from '../domain/upgrades/upgradeRecords';

type UpgradeTransaction = IDBPTransaction<unknown, string[], 'versionchange'>;

/** Typed loosely on purpose: a migration speaks of shapes that the present types no longer know. */
export type Migration = (
  database: IDBPDatabase,
  transaction: UpgradeTransaction,
) => void | Promise<void>;

/**
 * The steps from the first version to the present one. A step never changes once it has shipped: add an
 * upgrade at the end. All steps of an upgrade run in one transaction, so that a failing one leaves the
 * older database as it was.
 */
export const MIGRATIONS: readonly Migration[] = UPGRADES.map(migration);

/** Brings the stores and their records from a version, 0 for none, to the present one. */
export async function migrate(
  database: IDBPDatabase,
  transaction: UpgradeTransaction,
  oldVersion: number,
  migrations: readonly Migration[],
): Promise<void> {
  if (oldVersion > 0 && oldVersion < FIRST_VERSION)
    throw new Error('This data was made by a trial version that nobody was to keep data in.');
  if (oldVersion === 0) createStores(database);
  const known = Math.max(FIRST_VERSION, oldVersion);
  for (const step of migrations.slice(known - FIRST_VERSION)) await step(database, transaction);
}

/** The stores of the first version; what came later its upgrade makes. */
function createStores(database: IDBPDatabase): void {
  const later = new Set(UPGRADES.flatMap(({ newStores }) => newStores));
  for (const name of STORE_NAMES.filter((each) => !later.has(each)))
    database.createObjectStore(name, { keyPath: 'id' });
}

/** The upgrade of a data file, applied to the stored records. */
function migration({ records, newStores }: Upgrade): Migration {
  return async (database, transaction) => {
    for (const name of newStores) database.createObjectStore(name, { keyPath: 'id' });
    for (const [name, { from, upgrade }] of Object.entries(records)) {
      const store = transaction.objectStore(name);
      for (const record of await store.getAll()) {
        // A damaged one stays as it is, and is shown as such.
        if (from.isValidSync(record, { strict: true })) await store.put(upgrade(record));
      }
    }
  };
}
