'use client';

import { useContext, useSyncExternalStore } from 'react';
import type { Outbox, SaveState } from '../data';
import { KeptContext } from './StoreProvider';

/** What waits to be saved, and the ways to settle it. */
export function useOutbox(): Outbox {
  const kept = useContext(KeptContext);
  if (!kept) throw new Error('useOutbox needs a StoreProvider above it');
  return kept.outbox;
}

/** How far everything that was done in this tab has come. */
export function useSaveState(): SaveState {
  const outbox = useOutbox();
  return useSyncExternalStore(outbox.listen, outbox.state, outbox.state);
}
