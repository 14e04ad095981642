import type { RecordOf, StoreName } from '../domain/records';
import type { Changes } from './changes';
import type { Database } from './database';
import type { Validity } from './validity';

/** Records of one store that could be read, and the ids of those that could not. */
export interface Listing<S extends StoreName> {
  records: RecordOf<S>[];
  damagedIds: string[];
}

/** Access to one store; every call is one transaction. */
export interface Repository<S extends StoreName> {
  /** All records that are not removed. A damaged one is passed over and named. */
  list(): Promise<Listing<S>>;
  get(id: string): Promise<RecordOf<S> | undefined>;
  /** Writes a record whole; throws a `ValidationError` and writes nothing when it is not valid. */
  save(record: RecordOf<S>): Promise<void>;
  /**
   * Reads, changes and writes one record in the same transaction, so that two tabs add up instead
   * of overwriting each other. Returns the record as written; undefined where there is none.
   */
  update(
    id: string,
    change: (record: RecordOf<S>) => RecordOf<S>,
  ): Promise<RecordOf<S> | undefined>;
  /** Marks a record as removed; `restore` takes it back. */
  remove(id: string, at: string): Promise<void>;
  restore(id: string, at: string): Promise<void>;
}

export function createRepository<S extends StoreName>(
  database: Database,
  changes: Changes,
  validity: Validity,
  store: S,
): Repository<S> {
  const isValid = (record: RecordOf<S>): boolean => validity.isValid(store, record);

  async function update(
    id: string,
    change: (record: RecordOf<S>) => RecordOf<S>,
  ): Promise<RecordOf<S> | undefined> {
    const transaction = database.transaction(store, 'readwrite');
    const present = await transaction.store.get(id);
    if (!present) {
      await transaction.done;
      return undefined;
    }
    let next: RecordOf<S>;
    try {
      next = validity.validated(store, change(present as RecordOf<S>));
    } catch (error) {
      transaction.abort();
      await transaction.done.catch(() => {});
      throw error;
    }
    await transaction.store.put(next);
    await transaction.done;
    changes.announce([store]);
    return next;
  }

  return {
    async list() {
      const all = (await database.getAll(store)) as RecordOf<S>[];
      const records = all.filter(isValid);
      const damagedIds = all.filter((record) => !isValid(record)).map(({ id }) => id);
      return { records: records.filter(({ deletedAt }) => deletedAt === null), damagedIds };
    },
    async get(id) {
      const record = (await database.get(store, id)) as RecordOf<S> | undefined;
      return record && record.deletedAt === null && isValid(record) ? record : undefined;
    },
    async save(record) {
      await database.put(store, validity.validated(store, record));
      changes.announce([store]);
    },
    update,
    async remove(id, at) {
      await update(id, (record) => ({ ...record, deletedAt: at, updatedAt: at }));
    },
    async restore(id, at) {
      await update(id, (record) => ({ ...record, deletedAt: null, updatedAt: at }));
    },
  };
}
