import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Act } from '../act';

/**
 * A small database beside the one of the records. It never changes its version, and so no update, no other tab
 * and no damage to the records shuts it: what is not saved yet, and what is half done, waits here.
 */
const SIDE_DATABASE = 'open-trail-waiting';

/** What one tab could not save. */
export interface Leftover {
  tab: string;
  at: string;
  act: Act;
}

/** Something half done, under the name of what it is. */
export interface Draft {
  key: string;
  at: string;
  /** What it is, in words, and where it goes on. */
  title: string;
  href: string;
  value: unknown;
}

interface SideSchema extends DBSchema {
  leftovers: { key: string; value: Leftover };
  drafts: { key: string; value: Draft };
  /** Single values under their names: the place of copies, the last reading of the clock. */
  notes: { key: string; value: unknown };
}

export type SideDatabase = IDBPDatabase<SideSchema>;

export function openSideDatabase(name = SIDE_DATABASE): Promise<SideDatabase> {
  return openDB<SideSchema>(name, 1, {
    upgrade(database) {
      database.createObjectStore('leftovers', { keyPath: 'tab' });
      database.createObjectStore('drafts', { keyPath: 'key' });
      database.createObjectStore('notes');
    },
    // Whoever removes it is not kept waiting.
    blocking: (_current, _blocked, event) => (event.target as IDBDatabase).close(),
  });
}
