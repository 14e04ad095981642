import type { RecordOf } from '../../domain/records';
import type { StoreName } from '../../domain/storeNames';
import type { Act } from '../act';
import type { Repository } from '../repository';
import type { Kept } from './keptWrite';
import { isAlive, type Known } from './known';

type Update<S extends StoreName> = (record: RecordOf<S>) => RecordOf<S>;

/** A repository whose writes wait where they cannot be made, and which shows what waits as if it were there. */
export function keepingRepository<S extends StoreName>(
  store: S,
  stored: Repository<S>,
  known: Known,
  kept: Kept,
): Repository<S> {
  const changed = (id: string, change: Update<S>): Act => {
    const before = known.of(store, id) as RecordOf<S> | undefined;
    return before ? [{ store, id, before, after: change(before) }] : [];
  };
  const removed = (at: string, deletedAt: string | null) =>
    ((record: RecordOf<S>) => ({ ...record, deletedAt, updatedAt: at })) as Update<S>;
  return {
    async list() {
      const records = await stored.list().catch(() => null);
      records?.forEach((record) => known.see(store, record));
      return known.list(store, records);
    },
    async get(id) {
      const meant = known.of(store, id) as RecordOf<S> | undefined;
      if (known.isMeant(store, id)) return isAlive(meant) ? meant : undefined;
      try {
        const record = await stored.get(id);
        if (record) known.see(store, record);
        return record;
      } catch (error) {
        if (!isAlive(meant)) throw error;
        return meant;
      }
    },
    save: (record) =>
      kept(
        () => stored.save(record),
        () => [{ store, id: record.id, before: known.of(store, record.id), after: record }],
      ),
    async update(id, change) {
      const record = await kept(
        () => stored.update(id, change),
        () => changed(id, change),
      );
      if (record) known.see(store, record);
      return record;
    },
    remove: (id, at) =>
      kept(
        () => stored.remove(id, at),
        () => changed(id, removed(at, at)),
      ),
    restore: (id, at) =>
      kept(
        () => stored.restore(id, at),
        () => changed(id, removed(at, null)),
      ),
  };
}
