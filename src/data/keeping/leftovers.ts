import type { Act } from '../act';
import type { Outbox, Shelter } from './outbox';
import type { SideDatabase } from './sideDatabase';
import type { WholeData } from '../wholeData';

const LOCK = 'open-trail-tab ';

/** Holds the lock that tells other tabs that this one lives. */
export function liveAs(tab: string): void {
  void navigator.locks?.request(LOCK + tab, () => new Promise(() => {})).catch(() => {});
}

/** The tabs that live; null where the browser does not say. */
async function livingTabs(): Promise<Set<string> | null> {
  if (typeof navigator === 'undefined' || !navigator.locks) return null;
  const { held = [] } = await navigator.locks.query();
  return new Set(
    held.flatMap(({ name }) => (name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : [])),
  );
}

/** Where what waits is put beside the records; nowhere without a database for it. */
export function shelterIn(side: SideDatabase | null): Shelter {
  const gone = (): Promise<never> =>
    Promise.reject(new Error('There is no place beside the records'));
  return {
    put: async (leftover) => void (await (side ? side.put('leftovers', leftover) : gone())),
    drop: async (tab) => void (await side?.delete('leftovers', tab)),
  };
}

/**
 * Writes what tabs that are gone could not save, in the order of its time; what still cannot be written waits
 * in the outbox of this one. Returns how many records were saved. Made twice it changes nothing more.
 */
export async function saveLeftovers(
  side: SideDatabase,
  whole: Pick<WholeData, 'make'>,
  outbox: Pick<Outbox, 'add' | 'retry'>,
): Promise<number> {
  const living = await livingTabs();
  const left = (await side.getAll('leftovers'))
    .filter(({ tab }) => !living?.has(tab))
    .toSorted((a, b) => (a.at < b.at ? -1 : 1));
  let saved = 0;
  for (const { tab, act } of left) {
    const failed = await written(whole, act);
    if (failed === null) saved += act.length;
    else outbox.add(act, failed);
    await side.delete('leftovers', tab);
  }
  if (left.length > 0) await outbox.retry();
  return saved;
}

async function written(whole: Pick<WholeData, 'make'>, act: Act): Promise<Error | null> {
  try {
    const { clashes } = await whole.make(act);
    return clashes.length > 0 ? new Error('Changed meanwhile') : null;
  } catch (error) {
    return error as Error;
  }
}
