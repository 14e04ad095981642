'use client';

import { notice } from '../ui/notice';
import type { Act } from '../data';
import { useStore } from './StoreProvider';

/** Does one act and says so, with the way to take back that act and nothing that came after it. */
export function useUndoable(): (words: string, work: () => Promise<Act>) => Promise<void> {
  const { whole } = useStore();
  return async (words, work) => {
    const act = await work();
    const undo = async (): Promise<void> => {
      const changedSince = await whole.undo(act);
      if (changedSince > 0)
        void notice(
          `Taken back, but for ${changedSince} changed since: they stay as they are now.`,
        );
    };
    void notice(words, { action: { label: 'Undo', onClick: () => void undo() } });
  };
}
