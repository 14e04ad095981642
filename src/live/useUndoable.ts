'use client';

import { notice } from '../ui/notice';
import { leftAsItIs } from '../ui/words/undoWords';
import type { Act } from '../data';
import { useStore } from './StoreProvider';

/** Does one act and says so, with the way to take back that act and nothing that came after it. */
export function useUndoable(): (words: string, work: () => Promise<Act>) => Promise<void> {
  const { whole } = useStore();
  return async (words, work) => {
    const act = await work();
    const undo = async (): Promise<void> => {
      const left = leftAsItIs(await whole.undo(act));
      if (left) void notice(left);
    };
    void notice(words, { action: { label: 'Undo', onClick: () => void undo() } });
  };
}
