import type { IDBPDatabase, IDBPTransaction } from 'idb';
import { STORE_NAMES } from '../domain/records';

/** Typed loosely on purpose: a migration speaks of shapes that the present types no longer know. */
export type Migration = (
  database: IDBPDatabase,
  transaction: IDBPTransaction<unknown, string[], 'versionchange'>,
) => void | Promise<void>;

/**
 * The steps from an empty database to the present one; the version is their number. A step never
 * changes once it has shipped: add one at the end. All steps of an upgrade run in one transaction,
 * so that a failing one leaves the older database as it was.
 */
export const MIGRATIONS: readonly Migration[] = [
  function createStores(database) {
    for (const name of STORE_NAMES) database.createObjectStore(name, { keyPath: 'id' });
  },
];
