import type { IDBPDatabase, IDBPTransaction } from 'idb';
import { UPGRADES, type Upgrade } from '../domain/upgrades/upgradeRecords';

/** Typed loosely on purpose: a migration speaks of shapes that the present types no longer know. */
export type Migration = (
  database: IDBPDatabase,
  transaction: IDBPTransaction<unknown, string[], 'versionchange'>,
) => void | Promise<void>;

const FIRST_STORES = [
  'tools',
  'abrasives',
  'strops',
  'compounds',
  'lubricants',
  'inspections',
  'sessions',
  'trips',
  'settings',
];

/**
 * The steps from an empty database to the present one; the version is their number. A step never
 * changes once it has shipped: add an upgrade at the end. All steps of an upgrade run in one
 * transaction, so that a failing one leaves the older database as it was.
 */
export const MIGRATIONS: readonly Migration[] = [
  function createStores(database) {
    for (const name of FIRST_STORES) database.createObjectStore(name, { keyPath: 'id' });
  },
  ...UPGRADES.map(migration),
];

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
