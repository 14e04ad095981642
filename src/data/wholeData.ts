import type { AllRecords, RecordOf } from '../domain/records';
import { STORE_NAMES, type StoreName } from '../domain/storeNames';
import { makeAct, undoAct, type Act, type RecordClash, type Written } from './act';
import { BY_HAND, noteHistory, type Why } from './history';
import type { Changes } from './changes';
import type { Database, Transaction } from './schema';
import { LINE_STORES, type IsValid, type Table } from './lines';
import { mergeRecords, type MergeReport } from './merge';
import { allOrNothing, putRaw, putRecord, putRecords, removeRaw } from './transaction';
import type { Validity } from './validity';

/** A change to one record of any store. */
export type Edit = {
  [S in StoreName]: { store: S; id: string; change: (record: RecordOf<S>) => RecordOf<S> };
}[StoreName];

/** Everything at once: each call is one transaction over all stores. */
export interface WholeData {
  /** All records as they are stored, removed ones included, by store and id. */
  readAll(): Promise<AllRecords>;
  /** Whether nothing has ever been stored. */
  isEmpty(): Promise<boolean>;
  /** Merges checked records in; the newest of each id wins. All or nothing; `onProgress` hears the share. */
  mergeIn(
    incoming: AllRecords,
    onProgress?: (share: number) => void,
  ): Promise<{ report: MergeReport; act: Act }>;
  /** Changes records of several stores, each as it stands in the transaction. All or nothing. */
  editTogether(edits: readonly Edit[], why?: Why): Promise<Act>;
  /** A store's records as they are, unchecked, removed ones included. */
  readRaw<S extends StoreName>(store: S): Promise<RecordOf<S>[]>;
  /** Writes one record as it is, unchecked: to set a damaged one aside, and to mend it. */
  putRaw(store: StoreName, record: { id: string }): Promise<Act>;
  /** Puts exactly these records in the place of all that is there. All or nothing. */
  replaceAll(records: AllRecords): Promise<Act>;
  /**
   * Makes an act field by field on the records as they stand by now: what others changed meanwhile stays.
   * Where both changed a field, nothing is written, and what clashes is told. All or nothing.
   */
  make(act: Act, why?: Why): Promise<{ act: Act; clashes: RecordClash[] }>;
  /** Takes one act back, but for fields that were changed since. Returns how many records had such. */
  undo(act: Act): Promise<number>;
}

// eslint-disable-next-line max-lines-per-function -- one closure over the database, a short function an act
export function createWholeData(
  database: Database,
  changes: Changes,
  validity: () => Promise<Validity>,
): WholeData {
  const everything = <T>(work: (transaction: Transaction, changed: Set<Table>) => Promise<T>) =>
    allOrNothing(database, changes, STORE_NAMES, work);
  const allTables = (changed: Set<Table>): void =>
    [...STORE_NAMES, ...LINE_STORES].forEach((table) => changed.add(table));

  async function readIn(transaction: Pick<Transaction, 'objectStore'>): Promise<AllRecords> {
    const lists = await Promise.all(
      STORE_NAMES.map(async (store) => [store, await transaction.objectStore(store).getAll()]),
    );
    return Object.fromEntries(lists) as AllRecords;
  }

  return {
    readAll: () => readIn(database.transaction(STORE_NAMES) as unknown as Transaction),
    async isEmpty() {
      // One after the other: counting a long log takes a while, and the first table mostly answers.
      for (const store of STORE_NAMES) if ((await database.count(store)) > 0) return false;
      return true;
    },
    mergeIn: (incoming, onProgress) =>
      everything(async (transaction, changed) => {
        const present = await readIn(transaction);
        const { winners, report } = mergeRecords(present, incoming);
        const act = writingOf(present, winners);
        await putRecords(transaction, records(act), onProgress);
        for (const { store, before, after } of act) {
          const { updatedAt } = after as RecordOf<StoreName>;
          await noteHistory(
            transaction,
            store,
            before,
            after as { id: string },
            updatedAt,
            FROM_FILE,
          );
        }
        allTables(changed);
        return { report, act };
      }),
    async editTogether(edits, why = BY_HAND) {
      const { validated } = await validity();
      const stores = [...new Set(edits.map(({ store }) => store))];
      return allOrNothing(database, changes, stores, async (transaction, changed) => {
        const act: Written[] = [];
        for (const { store, id, change } of edits) {
          const before: unknown = await transaction.objectStore(store).get(id);
          if (!before) throw new RangeError(`There is no ${id} in ${store} to change.`);
          const next = (change as (record: unknown) => RecordOf<StoreName>)(before);
          const after = validated(store, next);
          await putRecord(transaction, changed, store, after, why);
          act.push({ store, id, before, after });
        }
        return act;
      });
    },
    readRaw: async <S extends StoreName>(store: S) =>
      (await database.getAll(store)) as RecordOf<S>[],
    async putRaw(store, record) {
      const isValid = (await validity()).isValid as IsValid;
      return everything(async (transaction, changed) => {
        const before = await transaction.objectStore(store).get(record.id);
        await putRaw(transaction, store, record, isValid);
        allTables(changed);
        return [{ store, id: record.id, before, after: record }];
      });
    },
    async replaceAll(replacing) {
      const { validated } = await validity();
      return everything(async (transaction, changed) => {
        const present = await readIn(transaction);
        for (const store of STORE_NAMES)
          for (const record of replacing[store]) validated(store, record as never);
        const writing = writingOf(present, replacing);
        const removals = removalsFrom(present, replacing);
        await Promise.all(removals.map(({ store, id }) => removeRaw(transaction, store, id)));
        await putRecords(transaction, records(writing));
        allTables(changed);
        return [...removals, ...writing];
      });
    },
    async make(act, why = BY_HAND) {
      const known = await validity();
      const clashes: RecordClash[] = [];
      try {
        return await allOrNothing(
          database,
          changes,
          storesOf(act),
          async (transaction, changed) => {
            const made = await makeAct({ transaction, changed, validity: known }, act, why);
            clashes.push(...made.clashes);
            if (clashes.length > 0) throw new Error('Changed by somebody else meanwhile');
            return made;
          },
        );
      } catch (error) {
        if (clashes.length > 0) return { act: [], clashes };
        throw error;
      }
    },
    async undo(act) {
      const known = await validity();
      return allOrNothing(database, changes, storesOf(act), (transaction, changed) =>
        undoAct({ transaction, changed, validity: known }, act),
      );
    },
  };
}

function storesOf(act: Act): StoreName[] {
  return [...new Set(act.map(({ store }) => store))];
}

const FROM_FILE: Why = { cause: 'file', sessionId: null };

/** The records that are to be written. */
function records(writing: readonly Written[]) {
  return writing.map(({ store, after }) => ({ store, record: after as RecordOf<StoreName> }));
}

/** What writing these records changes, one by one. */
function writingOf(present: AllRecords, records: AllRecords): Written[] {
  return STORE_NAMES.flatMap((store) => {
    const here = new Map(present[store].map((record) => [record.id, record as unknown]));
    return records[store].map((after): Written => ({
      store,
      id: after.id,
      before: here.get(after.id),
      after,
    }));
  });
}

/** The present records that are to go, as they are not among the new ones. */
function removalsFrom(present: AllRecords, records: AllRecords): Written[] {
  return STORE_NAMES.flatMap((store) => {
    const staying = new Set(records[store].map(({ id }) => id));
    return present[store]
      .filter(({ id }) => !staying.has(id))
      .map((before): Written => ({ store, id: before.id, before, after: undefined }));
  });
}
