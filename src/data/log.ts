import type { LoggedSession } from '../domain/loggedSession';
import type { StoreName } from '../domain/storeNames';
import type { Inspection } from '../domain/session';
import type { Database } from './schema';
import { lineStoreOf, type Lines, type LineStore } from './lines';

/** The log as lists and plans read it, however long it has grown. */
export interface Log {
  /** Every session that is not removed, under way or finished. */
  sessions(): Promise<LoggedSession[]>;
  inspections(): Promise<Inspection[]>;
  /** The latest so many sessions, newest first. */
  newest(count: number): Promise<LoggedSession[]>;
  /** Sessions that began between two moments, ISO 8601. */
  between(from: string, to: string): Promise<LoggedSession[]>;
  /** The parts that are of one tool. */
  sessionsOf(toolId: string): Promise<LoggedSession[]>;
  inspectionsOf(toolId: string): Promise<Inspection[]>;
  count(lines: LineStore): Promise<number>;
  /** The ids of the tools that have sessions. */
  workedTools(): Promise<string[]>;
  /** Records that have no line though they are not removed: they could not be read. */
  unread(store: 'sessions' | 'inspections'): Promise<unknown[]>;
}

/** So many lines are read at a time, that no frame waits for a long log. */
const CHUNK = 500;

export function createLog(database: Database): Log {
  async function all<L extends LineStore>(store: L): Promise<Lines[L][]> {
    const lines: Lines[L][] = [];
    let chunk: Lines[L][];
    do {
      const last = lines.at(-1)?.id;
      const after = last === undefined ? null : IDBKeyRange.lowerBound(last, true);
      chunk = (await database.getAll(store, after, CHUNK)) as Lines[L][];
      lines.push(...chunk);
    } while (chunk.length === CHUNK);
    return lines;
  }

  async function newest(count: number): Promise<LoggedSession[]> {
    const found: LoggedSession[] = [];
    const { store } = database.transaction('sessionLines');
    let cursor = await store.index('startedAt').openCursor(null, 'prev');
    while (cursor && found.length < count) {
      found.push(cursor.value);
      cursor = await cursor.continue();
    }
    return found;
  }

  async function workedTools(): Promise<string[]> {
    const ids: string[] = [];
    const { store } = database.transaction('sessionLines');
    let cursor = await store.index('toolId').openKeyCursor(null, 'nextunique');
    while (cursor) {
      ids.push(cursor.key as string);
      cursor = await cursor.continue();
    }
    return ids;
  }

  async function unread(store: StoreName): Promise<unknown[]> {
    const lined = new Set(await database.getAllKeys(lineStoreOf(store)!));
    const keys = (await database.getAllKeys(store)).filter((key) => !lined.has(key));
    const records = await Promise.all(keys.map((key) => database.get(store, key)));
    return records.filter((record) => record && record.deletedAt === null);
  }

  return {
    sessions: () => all('sessionLines'),
    inspections: () => all('inspectionLines'),
    newest,
    between: (from, to) =>
      database.getAllFromIndex('sessionLines', 'startedAt', IDBKeyRange.bound(from, to)),
    sessionsOf: (toolId) => database.getAllFromIndex('sessionLines', 'toolId', toolId),
    inspectionsOf: (toolId) => database.getAllFromIndex('inspectionLines', 'toolId', toolId),
    count: (lines) => database.count(lines),
    workedTools,
    unread,
  };
}
