import { useSyncExternalStore } from 'react';
import { loadSampleOnFirstVisit, openKeptStore, type KeptStore } from '../data';

/** How far the opening of the database has come. */
export type Opening =
  | { stage: 'opening' }
  /** Another tab holds an older version and does not let go. */
  | { stage: 'blocked' }
  | { stage: 'failed'; error: Error }
  /** Outdated: another tab has brought a newer version, or the browser has closed the database. */
  | { stage: 'open'; kept: KeptStore; isOutdated: boolean };

const START: Opening = { stage: 'opening' };
const listeners = new Set<() => void>();
const refusalListeners = new Set<(error: Error) => void>();
let present: Opening = START;

function become(next: Opening): void {
  present = next;
  listeners.forEach((listener) => listener());
}

async function open(): Promise<void> {
  let isOutdated = false;
  const kept = await openKeptStore({
    onRefused: (error) => refusalListeners.forEach((listener) => listener(error)),
    onBlocked: () => become({ stage: 'blocked' }),
    onOutdated() {
      isOutdated = true;
      if (present.stage === 'open') become({ ...present, isOutdated });
    },
  });
  // What is lost is not the sample's place to take.
  if (!kept.lost) await loadSampleOnFirstVisit(kept.store);
  await kept.saveLeftovers();
  become({ stage: 'open', kept, isOutdated });
}

// With the script itself and not with the first drawing: the storage wakes meanwhile.
if (typeof window !== 'undefined') {
  open().catch((error: Error) => become({ stage: 'failed', error }));
}

/** Hears of every write that is not valid as it is; returns the way to stop. */
export function onRefusal(listener: (error: Error) => void): () => void {
  refusalListeners.add(listener);
  return () => refusalListeners.delete(listener);
}

/** The one database of this tab, as far as it is open. */
export function useOpening(): Opening {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => present,
    () => START,
  );
}
