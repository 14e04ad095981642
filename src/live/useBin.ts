'use client';

import { useQuery } from '@tanstack/react-query';
import type { StoredRecord, Written } from '../data';
import { BIN_KEY } from './queryKeys';
import { useStore } from './StoreProvider';
import { useUndoable } from './useUndoable';
import { stampNow } from '../domain/clock';

/** Something that was taken down, and hangs in the bin until that is emptied. */
export interface Binned {
  store: Written['store'];
  record: { id: string; deletedAt: string; name?: string; toolId?: string };
}

/** What hangs in the bin, the latest first; undefined while it is read. */
export function useBin(): Binned[] | undefined {
  const { past } = useStore();
  return useQuery({
    queryKey: BIN_KEY,
    staleTime: 0,
    queryFn: async () =>
      (await past.removed())
        .map((own): Binned => own as Binned)
        .toSorted((a, b) => (a.record.deletedAt < b.record.deletedAt ? 1 : -1)),
  }).data;
}

export function useBinActs() {
  const { past } = useStore();
  const undoable = useUndoable();
  return {
    putBack: ({ store, record }: Binned, words: string): Promise<void> => {
      const after = { ...record, deletedAt: null, updatedAt: stampNow() };
      return undoable(words, [{ store, id: record.id, before: record, after }]);
    },
    /** Everything in the bin goes for good, and what belongs to it. */
    empty: async (binned: readonly Binned[], words: string): Promise<void> => {
      const along = await past.belongingTo(binned as readonly StoredRecord[]);
      const all = new Map(
        [...binned, ...along].map((own) => [`${own.store} ${own.record.id}`, own]),
      );
      const gone = [...all.values()].map(({ store, record }): Written => ({
        store,
        id: record.id,
        before: record,
        after: undefined,
      }));
      await undoable(words, gone);
    },
  };
}
