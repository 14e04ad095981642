import type { RecordOf } from '../domain/records';
import type { StoreName } from '../domain/storeNames';
import { fieldChanges, reversed, withChanges, type FieldClash } from './byField';
import { noteHistory, type Why } from './history';
import { isSame } from './isSame';
import { withFollowing, type Table } from './lines';
import type { Transaction } from './schema';
import { putRaw, putRecord, removeRaw } from './transaction';
import type { Validity } from './validity';

/** One record before and after an act, as it is stored; undefined where there was none, or is none. */
export interface Written {
  store: StoreName;
  id: string;
  before: unknown;
  after: unknown;
}

/** What one act writes, record by record: enough to make it again elsewhere, to undo it, and nothing else. */
export type Act = readonly Written[];

/** A record that is new. */
export function newOne(store: StoreName, record: { id: string }): Written {
  return { store, id: record.id, before: undefined, after: record };
}

/** A record that is taken down, from wherever it was: it hangs in the bin. */
export function removedOne(store: StoreName, record: { id: string }, at: string): Written {
  return {
    store,
    id: record.id,
    before: record,
    after: { ...record, deletedAt: at, updatedAt: at },
  };
}

/** Fields of one record that somebody else has changed meanwhile, otherwise. */
export interface RecordClash {
  store: StoreName;
  id: string;
  clashes: FieldClash[];
}

interface Writing {
  transaction: Transaction;
  changed: Set<Table>;
  validity: Validity;
}

/**
 * Makes an act on the records as they stand by now: of each what the act changes, field by field, and nothing
 * else. Returns what was written; or, where fields clash, those, and the transaction is not to end.
 */
export async function makeAct(
  { transaction, changed, validity }: Writing,
  act: Act,
  why: Why,
): Promise<{ act: Act; clashes: RecordClash[] }> {
  const made: Written[] = [];
  const clashes: RecordClash[] = [];
  for (const { store, id, before, after } of act) {
    const present: unknown = await transaction.objectStore(store).get(id);
    if (after === undefined) {
      if (present === undefined) continue;
      await removeRaw(transaction, store, id);
      withFollowing([store]).forEach((table) => changed.add(table));
      made.push({ store, id, before: present, after });
      continue;
    }
    // What is gone for good meanwhile comes back whole: nothing of it is lost.
    const next =
      present === undefined
        ? { record: after, clashes: [] }
        : withChanges(present, fieldChanges(before ?? {}, after));
    if (next.clashes.length > 0) {
      clashes.push({ store, id, clashes: next.clashes });
      continue;
    }
    if (present !== undefined && next.record === present) continue;
    const record = stamped(next.record, present, after);
    await putRecord(transaction, changed, store, validity.validated(store, record), why);
    made.push({ store, id, before: present, after: record });
  }
  return { act: made, clashes };
}

/**
 * Takes one act back: of each record the fields that it changed, as they were, where nothing later has
 * touched them. Returns how many records had something later.
 */
export async function undoAct(writing: Writing, act: Act): Promise<number> {
  const { transaction, changed, validity } = writing;
  const isValid = validity.isValid as (store: StoreName, record: unknown) => boolean;
  let changedSince = 0;
  for (const { store, id, before, after } of act) {
    const present: unknown = await transaction.objectStore(store).get(id);
    if (isSame(present, after)) {
      withFollowing([store]).forEach((table) => changed.add(table));
      if (before === undefined) await removeRaw(transaction, store, id);
      else {
        const own = before as { id: string };
        await putRaw(transaction, store, own, isValid);
        await noteHistory(transaction, store, present, own, new Date().toISOString(), TAKEN_BACK);
      }
      continue;
    }
    if (before === undefined || after === undefined || present === undefined) {
      changedSince += 1;
      continue;
    }
    const { record, clashes } = withChanges(present, reversed(fieldChanges(before, after)));
    const next = stamped(record, present, after);
    if (record !== present && isValid(store, next)) {
      await putRecord(transaction, changed, store, next, TAKEN_BACK);
    }
    if (clashes.length > 0) changedSince += 1;
  }
  return changedSince;
}

const TAKEN_BACK: Why = { cause: 'taken back', sessionId: null };

/** A record with the moment of its writing, which never runs back. */
function stamped(record: unknown, present: unknown, after: unknown): RecordOf<StoreName> {
  const own = record as RecordOf<StoreName>;
  const times = [present, after].flatMap((each) => {
    const at = (each as { updatedAt?: string } | undefined)?.updatedAt;
    return at === undefined ? [] : [at];
  });
  const latest = times.toSorted().at(-1);
  return latest === undefined || latest === own.updatedAt ? own : { ...own, updatedAt: latest };
}
