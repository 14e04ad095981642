import type { RecordOf } from '../domain/records';
import { isTraced } from '../domain/traced';
import type { StoreName } from '../domain/storeNames';
import type { Inspection, Session } from '../domain/session';
import type { Changes } from './changes';
import type { Database, Transaction } from './schema';
import { BY_HAND, noteHistory, type Why } from './history';
import { isSame } from './isSame';
import { moveRevisions } from './snapshot';
import {
  type IsValid,
  lineOf,
  lineStoreOf,
  validLineOf,
  withFollowing,
  type Lines,
  type Table,
} from './lines';

/**
 * Runs `work` in one transaction over these stores and their lines; it ends on the disk, or any
 * failure takes all of it back. Listeners hear of the tables that `work` names as changed.
 */
export async function allOrNothing<T>(
  database: Database,
  changes: Changes,
  stores: readonly StoreName[],
  work: (transaction: Transaction, changed: Set<Table>) => Promise<T>,
): Promise<T> {
  // What is shown as kept must outlive a killed process: the browser waits for the disk.
  const tables = [...withFollowing(stores), 'snapshot' as const];
  const transaction = database.transaction(tables, 'readwrite', { durability: 'strict' });
  const changed = new Set<Table>();
  try {
    const result = await work(transaction, changed);
    await moveRevisions(transaction, changed);
    await transaction.done;
    if (changed.size > 0) changes.announce([...changed]);
    return result;
  } catch (error) {
    try {
      transaction.abort();
    } catch {
      // A failed request has already aborted it.
    }
    await transaction.done.catch(() => {});
    throw error;
  }
}

/**
 * Writes a valid record, its line and its history; a line that says the same as before is not written again.
 */
export async function putRecord<S extends StoreName>(
  transaction: Transaction,
  changed: Set<Table>,
  store: S,
  record: RecordOf<S>,
  why: Why = BY_HAND,
): Promise<void> {
  const before: unknown = isTraced(store)
    ? await transaction.objectStore(store as StoreName).get(record.id)
    : undefined;
  await transaction.objectStore(store).put(record as never);
  changed.add(store);
  if (await noteHistory(transaction, store, before, record, record.updatedAt, why))
    changed.add('history');
  const lines = lineStoreOf(store);
  if (!lines) return;
  const line = validLineOf(lines, record as unknown as Session | Inspection);
  const present = await transaction.objectStore(lines).get(record.id);
  if (isSame(present, line ?? undefined)) return;
  await putLine(transaction, lines, record.id, line);
  changed.add(lines);
}

/** So many records are on their way to the disk at once, and progress is told after each lot. */
const LOT = 200;

/** Writes many valid records and their lines; `onProgress` hears the share that is written. */
export async function putRecords(
  transaction: Transaction,
  records: readonly { store: StoreName; record: RecordOf<StoreName> }[],
  onProgress?: (share: number) => void,
): Promise<void> {
  for (let begin = 0; begin < records.length; begin += LOT) {
    const lot = records.slice(begin, begin + LOT);
    await Promise.all(
      lot.map(async ({ store, record }) => {
        const lines = lineStoreOf(store);
        const line = lines && validLineOf(lines, record as unknown as Session | Inspection);
        await Promise.all([
          transaction.objectStore(store).put(record as never),
          lines && putLine(transaction, lines, record.id, line),
        ]);
      }),
    );
    onProgress?.((begin + lot.length) / records.length);
  }
}

/** Writes a record as it is, unchecked, with the line that can be made of it. */
export async function putRaw(
  transaction: Transaction,
  store: StoreName,
  record: { id: string },
  isValid: IsValid,
): Promise<void> {
  await transaction.objectStore(store).put(record as never);
  const lines = lineStoreOf(store);
  if (lines) await putLine(transaction, lines, record.id, lineOf(lines, record, isValid));
}

/** Takes a record away for good, as if it had never been written. */
export async function removeRaw(
  transaction: Transaction,
  store: StoreName,
  id: string,
): Promise<void> {
  await transaction.objectStore(store).delete(id);
  const lines = lineStoreOf(store);
  if (lines) await transaction.objectStore(lines).delete(id);
}

async function putLine(
  transaction: Transaction,
  lines: keyof Lines,
  id: string,
  line: Lines[keyof Lines] | null,
): Promise<void> {
  if (line) await transaction.objectStore(lines).put(line as never);
  else await transaction.objectStore(lines).delete(id);
}
