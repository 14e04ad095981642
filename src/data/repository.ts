import type { RecordOf, StoreName } from '../domain/records';
import type { Changes } from './changes';
import type { Database } from './database';
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
  validity: Validity,
  store: S,
): Repository<S> {
  const isUsable = (record: RecordOf<S>): boolean =>
    record.deletedAt === null && validity.isValid(store, record);

  const update: Repository<S>['update'] = (id, change) =>
    allOrNothing(database, changes, [store], async (transaction, changed) => {
      const present = (await transaction.objectStore(store).get(id)) as RecordOf<S> | undefined;
      if (!present) return undefined;
      const next = validity.validated(store, change(present));
      if (next !== present) await putRecord(transaction, changed, store, next);
      return next;
    });

  return {
    async list() {
      return ((await database.getAll(store)) as RecordOf<S>[]).filter(isUsable);
    },
    async get(id) {
      const record = (await database.get(store, id)) as RecordOf<S> | undefined;
      return record && isUsable(record) ? record : undefined;
    },
    async save(record) {
      await allOrNothing(database, changes, [store], (transaction, changed) =>
        putRecord(transaction, changed, store, validity.validated(store, record)),
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
