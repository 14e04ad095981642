import type { StoreName } from '../domain/storeNames';
import { isSame } from './isSame';
import type { IsValid } from './lines';
import type { Transaction } from './schema';
import { putRaw, removeRaw } from './transaction';

/** One record before and after an act, as it is stored; undefined where there was none, or is none. */
export interface Written {
  store: StoreName;
  id: string;
  before: unknown;
  after: unknown;
}

/** What one act wrote, record by record: enough to undo it, and nothing else. */
export type Act = readonly Written[];

/**
 * Takes one act back within a transaction, as it was stored and without a second check. A record that
 * somebody has changed since stays; returns how many did.
 */
export async function undoAct(
  transaction: Transaction,
  act: Act,
  isValid: IsValid,
): Promise<number> {
  let changedSince = 0;
  for (const { store, id, before, after } of act) {
    const present = await transaction.objectStore(store).get(id);
    if (!isSame(present, after)) changedSince += 1;
    else if (before === undefined) await removeRaw(transaction, store, id);
    else await putRaw(transaction, store, before as { id: string }, isValid);
  }
  return changedSince;
}
