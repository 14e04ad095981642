import type { IDBPDatabase, IDBPTransaction } from 'idb';
import { STORE_NAMES } from '../domain/storeNames';
import { RECORD_SCHEMAS } from '../domain/records';
import { lineOf, LINED_STORES } from './lines';
import { migrate, MIGRATIONS, type Migration } from './migrations';

type UpgradeTransaction = IDBPTransaction<unknown, string[], 'versionchange'>;

/** What lines are found by; a look has no `startedAt`, and is not found by it. */
const LINE_INDEXES = ['toolId', 'startedAt'] as const;

/** Brings an older database to the present version, and makes anew all that follows from records. */
export async function upgradeDatabase(
  database: IDBPDatabase,
  transaction: UpgradeTransaction,
  oldVersion: number,
  migrations: readonly Migration[] = MIGRATIONS,
): Promise<void> {
  await migrate(database, transaction, oldVersion, migrations);
  await rebuildLines(database, transaction);
  indexRecords(database, transaction);
  if (database.objectStoreNames.contains('snapshot')) database.deleteObjectStore('snapshot');
  database.createObjectStore('snapshot', { keyPath: 'id' });
}

/** Makes the log's lines anew from the records; what cannot be read has none. */
async function rebuildLines(
  database: IDBPDatabase,
  transaction: UpgradeTransaction,
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
      const line = lineOf(lines, cursor.value, (store, record) =>
        RECORD_SCHEMAS[store].isValidSync(record, { strict: true }),
      );
      if (line) await target.put(line);
      cursor = await cursor.continue();
    }
  }
}

/** What else records are found by: what was removed by its day (others have none, and are not in the index). */
const INDEXES = [
  ['history', 'recordId'],
  ['sessions', 'toolId'],
  ['inspections', 'toolId'],
  ['photos', 'toolId'],
  ...STORE_NAMES.map((name) => [name, 'deletedAt'] as const),
] as const;

function indexRecords(database: IDBPDatabase, transaction: UpgradeTransaction): void {
  for (const [name, field] of INDEXES) {
    if (!database.objectStoreNames.contains(name)) continue;
    const store = transaction.objectStore(name);
    if (!store.indexNames.contains(field)) store.createIndex(field, field);
  }
}
