'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { RecordOf, StoreName } from '../domain/records';
import type { Repository } from './repository';
import { useStore } from './StoreProvider';

/** One record while it is worked on: undefined while it is read, null where there is none. */
export interface LiveRecord<R> {
  record: R | null | undefined;
  /** Shows the change at once, then writes it in a transaction of its own. */
  change: (step: (record: R) => R) => Promise<void>;
}

/**
 * One record, kept live across tabs. Changes are pure steps that run again on the stored record,
 * so that steps taken in two tabs add up.
 */
export function useRecord<S extends StoreName>(name: S, id: string): LiveRecord<RecordOf<S>> {
  const store = useStore();
  const repository = store[name] as unknown as Repository<S>;
  const [record, setRecord] = useState<RecordOf<S> | null | undefined>(undefined);
  const pending = useRef(0);

  const read = useCallback(async () => {
    const found = await repository.get(id);
    if (pending.current === 0) setRecord(found ?? null);
  }, [repository, id]);

  useEffect(() => {
    let gone = false;
    const readUnlessGone = (): void => {
      if (!gone) void read();
    };
    readUnlessGone();
    const stop = store.changes.listen((names) => {
      if (names.includes(name)) readUnlessGone();
    });
    return () => {
      gone = true;
      stop();
    };
  }, [store, name, read]);

  const change = useCallback(
    async (step: (record: RecordOf<S>) => RecordOf<S>): Promise<void> => {
      setRecord((shown) => (shown ? step(shown) : shown));
      pending.current += 1;
      try {
        await repository.update(id, step);
      } finally {
        pending.current -= 1;
        if (pending.current === 0) await read();
      }
    },
    [repository, id, read],
  );
  return { record, change };
}
