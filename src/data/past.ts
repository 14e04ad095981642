import type { HistoryEntry } from '../domain/history';
import type { RecordOf } from '../domain/records';
import { STORE_NAMES, type StoreName } from '../domain/storeNames';
import type { Database } from './schema';

/** A stored record with its store. */
export interface StoredRecord {
  store: StoreName;
  record: RecordOf<StoreName>;
}

/** What was: what changed of records, and what was taken down, with all that belongs to it. */
export interface Past {
  historyOf(recordId: string): Promise<HistoryEntry[]>;
  /** Everything that was taken down, from wherever it was. */
  removed(): Promise<StoredRecord[]>;
  /** The log, pictures and history of these tools, removed ones included. */
  belongingTo(toolIds: readonly string[]): Promise<StoredRecord[]>;
}

/** The stores whose records may be taken down. */
const REMOVABLE = STORE_NAMES.filter((name) => name !== 'history' && name !== 'settings');

export function createPast(database: Database): Past {
  /** Of a store without its own type: its indexes are made for all of them alike. */
  const indexed = (store: StoreName, index: string, key?: string): Promise<unknown[]> =>
    (
      database as unknown as {
        getAllFromIndex(s: string, i: string, k?: string): Promise<unknown[]>;
      }
    ).getAllFromIndex(store, index, key);
  const of = (store: StoreName, records: readonly unknown[]): StoredRecord[] =>
    records.map((record) => ({ store, record: record as RecordOf<StoreName> }));

  return {
    historyOf: (recordId) => database.getAllFromIndex('history', 'recordId', recordId),
    async removed() {
      const lists = await Promise.all(
        REMOVABLE.map(async (store) => of(store, await indexed(store, 'deletedAt'))),
      );
      return lists.flat();
    },
    async belongingTo(toolIds) {
      const found: StoredRecord[] = [];
      const photos = await database.getAll('photos');
      for (const id of toolIds) {
        found.push(...of('sessions', await indexed('sessions', 'toolId', id)));
        found.push(...of('inspections', await indexed('inspections', 'toolId', id)));
        found.push(
          ...of(
            'photos',
            photos.filter(({ toolId }) => toolId === id),
          ),
        );
        found.push(...of('history', await indexed('history', 'recordId', id)));
      }
      return found;
    },
  };
}
