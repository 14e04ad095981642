import type { RecordOf } from '../domain/records';
import type { StoreName } from '../domain/storeNames';
import type { Changes } from './changes';
import type { Database } from './schema';
import { allOrNothing, putRecord } from './transaction';
import type { Validity } from './validity';

/** Access to one store; every call is one transaction. */
export interface Repository<S extends StoreName> {
  /** All records that are not removed; one that cannot be read is passed over. */
  list(): Promise<RecordOf<S>[]>;
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
  validity: () => Promise<Validity>,
  store: S,
): Repository<S> {
  const update: Repository<S>['update'] = async (id, change) => {
    const { validated } = await validity();
    return allOrNothing(database, changes, [store], async (transaction, changed) => {
      const present = (await transaction.objectStore(store).get(id)) as RecordOf<S> | undefined;
      if (!present) return undefined;
      const next = validated(store, change(present));
      if (next !== present) await putRecord(transaction, changed, store, next);
      return next;
    });
  };

  return {
    async list() {
      const [{ isValid }, all] = await Promise.all([validity(), database.getAll(store)]);
      return (all as RecordOf<S>[]).filter(
        (record) => record.deletedAt === null && isValid(store, record),
      );
    },
    async get(id) {
      const [{ isValid }, found] = await Promise.all([validity(), database.get(store, id)]);
      const record = found as RecordOf<S> | undefined;
      return record && record.deletedAt === null && isValid(store, record) ? record : undefined;
    },
    async save(record) {
      const { validated } = await validity();
      await allOrNothing(database, changes, [store], (transaction, changed) =>
        putRecord(transaction, changed, store, validated(store, record)),
      );
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
