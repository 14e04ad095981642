import type { HistoryEntry } from '../domain/history';
import type { Photo } from '../domain/photo';
import type { RecordOf } from '../domain/records';
import { STORE_NAMES, type StoreName } from '../domain/storeNames';
import type { Database } from './schema';
import type { Validity } from './validity';

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
  /** The pictures of one tool that are not taken down: each is large, and only they are read. */
  photosOf(toolId: string): Promise<Photo[]>;
  /** What belongs to these records, removed ones included: a tool's log, pictures and history, an entry's pictures. */
  belongingTo(records: readonly StoredRecord[]): Promise<StoredRecord[]>;
}

/** The stores whose records may be taken down. */
const REMOVABLE = STORE_NAMES.filter((name) => name !== 'history' && name !== 'settings');

export function createPast(database: Database, validity: () => Promise<Validity>): Past {
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
    async photosOf(toolId) {
      const own = (await indexed('photos', 'toolId', toolId)) as Photo[];
      const { isValid } = await validity();
      return own.filter((photo) => photo.deletedAt === null && isValid('photos', photo));
    },
    async belongingTo(records) {
      const found: StoredRecord[] = [];
      const ids = new Set(records.map(({ record }) => record.id));
      const photos = await database.getAll('photos');
      const own = photos.filter(({ toolId, entry }) => ids.has(toolId) || ids.has(entry?.id ?? ''));
      found.push(...of('photos', own));
      for (const { store, record } of records) {
        if (store !== 'tools') continue;
        found.push(...of('sessions', await indexed('sessions', 'toolId', record.id)));
        found.push(...of('inspections', await indexed('inspections', 'toolId', record.id)));
        found.push(...of('history', await indexed('history', 'recordId', record.id)));
      }
      return found;
    },
  };
}
