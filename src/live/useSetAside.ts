'use client';

import { undoWords } from '../ui/words/undoWords';
import { useUndoable } from './useUndoable';
import { useStore } from './StoreProvider';
import type { UnusableRecord } from '../data';
import { stampNow } from '../domain/clock';

/** Sets a record aside as it is, with undo: it stays stored, and no screen computes with it. */
export function useSetAside(): (record: UnusableRecord) => void {
  const store = useStore();
  const undoable = useUndoable();
  return ({ store: name, raw, name: called, id }) => {
    const at = stampNow();
    const aside = { ...(raw as object), id, deletedAt: at, updatedAt: at };
    void undoable(undoWords.isSetAside(called), () => store.whole.putRaw(name, aside));
  };
}
