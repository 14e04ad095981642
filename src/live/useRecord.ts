'use client';

import { useIsMutating, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Repository, SaveWord } from '../data';
import type { RecordOf } from '../domain/records';
import type { StoreName } from '../domain/storeNames';
import { useSaveState } from './useSaveState';
import { useStore } from './StoreProvider';

/** One record while it is worked on: undefined while it is read, null where there is none. */
export interface LiveRecord<R> {
  record: R | null | undefined;
  /** Shows the change at once, then writes it in a transaction of its own. */
  change: (step: (record: R) => R) => Promise<unknown>;
  /** Whether everything shown is on the disk, is on its way, or waits. */
  saved: SaveWord;
}

/**
 * One record, kept live across tabs. Changes are pure steps that run again on the stored record,
 * each in a transaction of its own and in their order, so that steps taken in two tabs add up.
 */
export function useRecord<S extends StoreName>(name: S, id: string): LiveRecord<RecordOf<S>> {
  const repository = useStore()[name] as unknown as Repository<S>;
  const client = useQueryClient();
  const key = [name, id];
  const { data: record } = useQuery({
    queryKey: key,
    queryFn: async () => (await repository.get(id)) ?? null,
  });
  const { mutateAsync: change } = useMutation({
    mutationKey: key,
    mutationFn: (step: (record: RecordOf<S>) => RecordOf<S>) => repository.update(id, step),
    onMutate: (step) => {
      void client.cancelQueries({ queryKey: key });
      client.setQueryData<RecordOf<S> | null>(key, (shown) => (shown ? step(shown) : shown));
    },
    // The last of several reads what all of them have left.
    onSettled: () =>
      client.isMutating({ mutationKey: key }) === 1
        ? client.invalidateQueries({ queryKey: key })
        : undefined,
  });
  const { word } = useSaveState();
  const saved = useIsMutating({ mutationKey: key }) > 0 && word === 'saved' ? 'saving' : word;
  return { record, change, saved };
}
