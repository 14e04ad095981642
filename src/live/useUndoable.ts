'use client';

import { notice } from '../ui/notice';
import { leftAsItIs } from '../ui/words/undoWords';
import type { Act } from '../data';
import { useStore } from './StoreProvider';

/** Takes one act back; says what stays because it was changed since. */
export function useTakeBack(): (act: Act) => Promise<void> {
  const { whole } = useStore();
  return async (act) => {
    const left = leftAsItIs(await whole.undo(act));
    if (left) void notice(left);
  };
}

/** Does one act and says so, with the way to take back that act and nothing that came after it. */
export function useUndoable(): (words: string, work: () => Promise<Act>) => Promise<void> {
  const takeBack = useTakeBack();
  return async (words, work) => {
    const act = await work();
    void notice(words, { action: { label: 'Undo', onClick: () => void takeBack(act) } });
  };
}
