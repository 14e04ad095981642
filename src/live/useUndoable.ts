'use client';

import { notice } from '../ui/notice';
import { leftAsItIs } from '../ui/words/undoWords';
import { NotSavedError, type Act } from '../data';
import { useStore } from './StoreProvider';

/** Takes one act back; says what stays because it was changed since. */
export function useTakeBack(): (act: Act) => Promise<void> {
  const { whole } = useStore();
  return async (act) => {
    try {
      const left = leftAsItIs(await whole.undo(act));
      if (left) void notice(left);
    } catch (error) {
      // What cannot be saved now waits, and is said where all of that is said.
      if (!(error instanceof NotSavedError)) throw error;
    }
  };
}

/**
 * Does one act and says so, with the way to take back that act and nothing that came after it. An act that is
 * given as its records is made field by field on what is stored; what cannot be saved now, or clashes with what
 * somebody else has saved, waits, and is said where all of that is said.
 */
export function useUndoable(): (words: string, work: Act | (() => Promise<Act>)) => Promise<void> {
  const { whole } = useStore();
  const takeBack = useTakeBack();
  return async (words, work) => {
    try {
      const act = typeof work === 'function' ? await work() : (await whole.make(work)).act;
      void notice(words, { action: { label: 'Undo', onClick: () => void takeBack(act) } });
    } catch (error) {
      if (!(error instanceof NotSavedError)) throw error;
    }
  };
}
