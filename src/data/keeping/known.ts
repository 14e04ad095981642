import type { RecordOf } from '../../domain/records';
import type { StoreName } from '../../domain/storeNames';
import type { Outbox } from './outbox';

/** Records as this tab knows them: as they were last read, and as they are meant where something waits. */
export interface Known {
  see(store: StoreName, record: { id: string }): void;
  /** The record as it is meant, or was last read; undefined where nobody here has read it. */
  of(store: StoreName, id: string): unknown;
  /** Whether something of the record waits. */
  isMeant(store: StoreName, id: string): boolean;
  /** What is stored with what waits in its place; what was last read where nothing can be read. */
  list<S extends StoreName>(store: S, stored: RecordOf<S>[] | null): RecordOf<S>[];
}

export function createKnown(outbox: Outbox): Known {
  const seen = new Map<string, unknown>();
  const keyOf = (store: StoreName, id: string): string => `${store}/${id}`;
  return {
    see: (store, record) => void seen.set(keyOf(store, record.id), record),
    of(store, id) {
      const meant = outbox.meant(store, id);
      return meant ? meant.after : seen.get(keyOf(store, id));
    },
    isMeant: (store, id) => outbox.meant(store, id) !== undefined,
    list<S extends StoreName>(store: S, stored: RecordOf<S>[] | null) {
      const waiting = outbox.state().waiting.filter((written) => written.store === store);
      if (stored && waiting.length === 0) return stored;
      const read = [...seen].flatMap(([key, record]) =>
        key.startsWith(keyOf(store, '')) ? [record as RecordOf<S>] : [],
      );
      const byId = new Map((stored ?? read).map((record) => [record.id, record]));
      for (const { id, after } of waiting) {
        if (after === undefined) byId.delete(id);
        else byId.set(id, after as RecordOf<S>);
      }
      return [...byId.values()].filter(isAlive);
    },
  };
}

export function isAlive(record: { deletedAt: string | null } | undefined): boolean {
  return record?.deletedAt === null;
}
