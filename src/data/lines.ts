import { isTraced } from '../domain/traced';
import { loggedSession, type LoggedSession } from '../domain/loggedSession';
import type { StoreName } from '../domain/storeNames';
import type { Inspection, Session } from '../domain/session';

/**
 * The log's lines: what lists and plans read of a long log, kept beside each record in the same
 * transaction. They follow from the records, and every upgrade of the database makes them anew.
 */
export interface Lines {
  sessionLines: LoggedSession;
  inspectionLines: Inspection;
}
export type LineStore = keyof Lines;

/** Whatever can change and be listened for. */
export type Table = StoreName | LineStore;

const LINE_STORE_OF: Partial<Record<StoreName, LineStore>> = {
  sessions: 'sessionLines',
  inspections: 'inspectionLines',
};
export const LINE_STORES: readonly LineStore[] = ['sessionLines', 'inspectionLines'];

/** The records that have lines, and the store of the lines. */
export const LINED_STORES = Object.entries(LINE_STORE_OF) as [StoreName, LineStore][];

/** Whether a stored record fits the schema of its store. */
export type IsValid = (store: StoreName, record: unknown) => boolean;

export function lineStoreOf(store: StoreName): LineStore | null {
  return LINE_STORE_OF[store] ?? null;
}

/** These stores, and those of what follows from them: what a transaction on records must hold. */
export function withFollowing(stores: readonly StoreName[]): Table[] {
  const traced: Table[] = stores.some(isTraced) ? ['history', 'settings'] : [];
  const lines = stores.flatMap((store) => LINE_STORE_OF[store] ?? []);
  return [...new Set([...stores, ...lines, ...traced])];
}

/** The line of a stored record; null where it has been removed, or is not valid. */
export function lineOf(
  store: LineStore,
  record: unknown,
  isValid: IsValid,
): Lines[LineStore] | null {
  const [records] = LINED_STORES.find(([, lines]) => lines === store)!;
  if ((record as { deletedAt?: unknown }).deletedAt !== null) return null;
  if (!isValid(records, record)) return null;
  return validLineOf(store, record as Session | Inspection);
}

/** The line of a record that is known to be valid; null where it has been removed. */
export function validLineOf(
  store: LineStore,
  record: Session | Inspection,
): Lines[LineStore] | null {
  if (record.deletedAt !== null) return null;
  return store === 'sessionLines' ? loggedSession(record as Session) : (record as Inspection);
}
