'use client';

import { undoWords } from '../ui/words/undoWords';
import type { UnusableRecord } from '../data';
import { useStore } from './StoreProvider';
import { useUndoable } from './useUndoable';
import { stampNow } from '../domain/clock';

/** Keeps a mended record in the place of the one that could not be used, with undo. */
export function useKeepRecord(): (unusable: UnusableRecord, mended: { id: string }) => void {
  const store = useStore();
  const undoable = useUndoable();
  return ({ store: name, name: called, id }, mended) => {
    const record = { ...mended, id, updatedAt: stampNow() };
    void undoable(undoWords.isMended(called), () => store.whole.putRaw(name, record));
  };
}
