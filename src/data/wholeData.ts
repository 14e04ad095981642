import { STORE_NAMES, type AllRecords, type RecordOf, type StoreName } from '../domain/records';
import type { Changes } from './changes';
import type { Database } from './database';
import type { Validity } from './validity';
import { mergeRecords, type MergeReport } from './merge';

/** A change to one record of any store. */
export type Edit = {
  [S in StoreName]: { store: S; id: string; change: (record: RecordOf<S>) => RecordOf<S> };
}[StoreName];

/** Everything at once: each call is one transaction over all stores. */
export interface WholeData {
  /** All records, removed ones included, by store and id. */
  readAll(): Promise<AllRecords>;
  /** Whether nothing has ever been stored. */
  isEmpty(): Promise<boolean>;
  /** Merges records in; the newest of each id wins. All or nothing. */
  mergeIn(incoming: AllRecords): Promise<MergeReport>;
  /** Changes records of several stores, each as it stands in the transaction. All or nothing. */
  editTogether(edits: readonly Edit[]): Promise<void>;
  /** A store's records as they are, unchecked, removed ones included. */
  readRaw<S extends StoreName>(store: S): Promise<RecordOf<S>[]>;
  /** Writes one record as it is, unchecked: to set a damaged one aside, and to put it back. */
  putRaw(store: StoreName, record: unknown): Promise<void>;
  /** Puts exactly these records in the place of all that is there. All or nothing. */
  replaceAll(records: AllRecords): Promise<void>;
}

export function createWholeData(
  database: Database,
  changes: Changes,
  validity: Validity,
): WholeData {
  const everything = (mode: 'readonly' | 'readwrite') => database.transaction(STORE_NAMES, mode);
  type Everything = ReturnType<typeof everything>;

  async function readIn(transaction: Everything): Promise<AllRecords> {
    const lists = await Promise.all(
      STORE_NAMES.map(async (store) => [store, await transaction.objectStore(store).getAll()]),
    );
    return Object.fromEntries(lists) as AllRecords;
  }

  /** Runs `work` in one transaction; any failure takes all of it back. */
  async function allOrNothing<T>(work: (transaction: Everything) => Promise<T>): Promise<T> {
    const transaction = everything('readwrite');
    try {
      const result = await work(transaction);
      await transaction.done;
      changes.announce(STORE_NAMES);
      return result;
    } catch (error) {
      try {
        transaction.abort();
      } catch {
        // A failed request has already aborted it.
      }
      await transaction.done.catch(() => {});
      throw error;
    }
  }

  async function putAll(transaction: Everything, records: AllRecords): Promise<void> {
    for (const store of STORE_NAMES) {
      const target = transaction.objectStore(store);
      for (const record of records[store]) await target.put!(validity.validated(store, record));
    }
  }

  return {
    readAll: () => readIn(everything('readonly')),
    async isEmpty() {
      const all = await readIn(everything('readonly'));
      return STORE_NAMES.every((store) => all[store].length === 0);
    },
    mergeIn: (incoming) =>
      allOrNothing(async (transaction) => {
        const { winners, report } = mergeRecords(await readIn(transaction), incoming);
        await putAll(transaction, winners);
        return report;
      }),
    editTogether: (edits) =>
      allOrNothing(async (transaction) => {
        for (const { store, id, change } of edits) {
          const target = transaction.objectStore(store);
          const present = await target.get(id);
          if (!present) throw new Error(`There is no ${id} in ${store} to change.`);
          const next = (change as (record: unknown) => RecordOf<StoreName>)(present);
          await target.put!(validity.validated(store, next));
        }
      }),
    readRaw: async <S extends StoreName>(store: S) =>
      (await database.getAll(store)) as RecordOf<S>[],
    async putRaw(store, record) {
      await database.put(store, record as RecordOf<StoreName>);
      changes.announce([store]);
    },
    replaceAll: (records) =>
      allOrNothing(async (transaction) => {
        for (const store of STORE_NAMES) await transaction.objectStore(store).clear!();
        await putAll(transaction, records);
      }),
  };
}
