'use client';

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useContext } from 'react';
import type { Draft } from '../data';
import { KeptContext } from './StoreProvider';

const DRAFTS_KEY = ['drafts'];

/** Everything half done on this device, the latest first, and the way to forget one. */
export interface HalfDoneThings {
  drafts: readonly Draft[];
  forget: (key: string) => Promise<void>;
}

/** What is half done; undefined while it is read. */
export function useDrafts(): HalfDoneThings | undefined {
  const side = useContext(KeptContext)?.side ?? null;
  const client = useQueryClient();
  const { data: drafts } = useQuery({
    queryKey: DRAFTS_KEY,
    queryFn: async () =>
      ((await side?.getAll('drafts')) ?? []).toSorted((a, b) => (a.at < b.at ? 1 : -1)),
    // They come and go without a record being written.
    staleTime: 0,
  });
  return (
    drafts && {
      drafts,
      forget: async (key) => {
        await side?.delete('drafts', key);
        await client.invalidateQueries({ queryKey: DRAFTS_KEY });
      },
    }
  );
}
