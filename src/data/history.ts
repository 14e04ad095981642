import { differenceInMinutes } from 'date-fns';
import { nanoid } from 'nanoid';
import type { HistoryEntry } from '../domain/history';
import { isTraced, type ChangeCause, type TracedStore } from '../domain/traced';
import { newRecord } from '../domain/newRecord';
import type { StoreName } from '../domain/storeNames';
import { fieldChanges, type FieldChange } from './byField';
import { isSame } from './isSame';
import type { Transaction } from './schema';

/** Why records are changed, as their history tells it. */
export interface Why {
  cause: ChangeCause;
  /** The touch-up that does it; null for the rest. */
  sessionId: string | null;
}

export const BY_HAND: Why = { cause: 'by hand', sessionId: null };

/** Acts of one cause that follow each other so closely (min) are one line of a history. */
const ONE_ACT_MINUTES = 10;

/**
 * Writes into a record's history what a write changes at a moment, in the same transaction; tells whether
 * there was anything. What is new has none.
 */
export async function noteHistory(
  transaction: Transaction,
  store: StoreName,
  before: unknown,
  after: { id: string },
  at: string,
  why: Why,
): Promise<boolean> {
  if (!isTraced(store) || before === undefined) return false;
  const changes = fieldChanges(before, after);
  if (changes.length === 0) return false;
  const history = transaction.objectStore('history');
  const settings = await transaction.objectStore('settings').get('settings');
  const person = settings?.person ?? null;
  const last = await latestOf(transaction, after.id);
  const goesOn =
    last !== undefined &&
    last.cause === why.cause &&
    last.sessionId === why.sessionId &&
    last.person === person &&
    Math.abs(differenceInMinutes(at, last.at)) < ONE_ACT_MINUTES;
  if (!goesOn) {
    await history.put(entryOf(store, after.id, at, person, why, changes));
    return true;
  }
  const joined = joinedChanges(last.changes as FieldChange[], changes);
  if (joined.length === 0) await history.delete(last.id);
  else await history.put({ ...last, at, updatedAt: at, changes: joined });
  return true;
}

function entryOf(
  store: TracedStore,
  recordId: string,
  at: string,
  person: string | null,
  { cause, sessionId }: Why,
  changes: FieldChange[],
): HistoryEntry {
  return {
    ...newRecord(nanoid(), at),
    store,
    recordId,
    at,
    person,
    cause,
    sessionId,
    changes: changes.map(({ path, from, to }) => ({ path: [...path], from, to })),
  };
}

async function latestOf(
  transaction: Transaction,
  recordId: string,
): Promise<HistoryEntry | undefined> {
  const all = await transaction.objectStore('history').index('recordId').getAll(recordId);
  return all.toSorted((a, b) => (a.at < b.at ? -1 : 1)).at(-1);
}

/** Changes that came one after the other as one list: of a field that came twice, its first and its last. */
function joinedChanges(
  earlier: readonly FieldChange[],
  later: readonly FieldChange[],
): HistoryEntry['changes'] {
  const byPath = new Map<string, FieldChange>();
  for (const change of [...earlier, ...later]) {
    const key = change.path.join('\n');
    const known = byPath.get(key);
    byPath.set(key, known ? { ...change, from: known.from } : change);
  }
  return [...byPath.values()]
    .filter(({ from, to }) => !isSame(from, to))
    .map(({ path, from, to }) => ({ path: [...path], from, to }));
}
