'use client';

import { undoWords } from '../ui/words/undoWords';
import { addDays } from 'date-fns';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { CareGroup } from '../core/care';
import type { Care } from '../domain/care';
import { newRecord } from '../domain/newRecord';
import { newOne, type Act } from '../data';
import { useStore } from './StoreProvider';
import { useTakeBack, useUndoable } from './useUndoable';
import { careGroupTitle } from '../ui/words/careWords';
import { thingAfter } from './thingAfter';
import { clockNow, stampNow } from '../domain/clock';

/** Care that was done while the screen stands, with the way to take it back. */
export interface JustDone {
  title: string;
  act: Act;
}

/** What can be said of some rows: each act is one write of all its records, with the way to take it back. */
export function useCareActs() {
  const store = useStore();
  const undoable = useUndoable();
  const takeBack = useTakeBack();
  const [justDone, setJustDone] = useState<JustDone[]>([]);
  const note = async (
    words: string,
    rows: CareGroup,
    change: Partial<Care> & Pick<Care, 'kind'>,
    freshLeft: number | null = null,
  ): Promise<void> => {
    const at = stampNow();
    const records = rows.map((row): Care => ({
      ...newRecord(nanoid(), at),
      thingId: row.thingId,
      doing: row.doing,
      at,
      until: null,
      every: null,
      note: '',
      ...change,
    }));
    const isDone = change.kind === 'done';
    const mended = isDone
      ? await Promise.all(rows.map((row) => thingAfter(store, row, at, freshLeft)))
      : [];
    await undoable(words, async () => {
      const { act } = await store.whole.make([
        ...records.map((record) => newOne('care', record)),
        ...mended.filter((each) => each !== null),
      ]);
      if (isDone) setJustDone((all) => [{ title: careGroupTitle(rows), act }, ...all]);
      return act;
    });
  };
  return {
    justDone,
    undo: async (done: JustDone) => {
      await takeBack(done.act);
      setJustDone((all) => all.filter((each) => each !== done));
    },
    /** `freshLeft`: the fresh sheets or faces that lie by, where they were counted. */
    done: (rows: CareGroup, words: string, freshLeft: number | null = null) =>
      note(
        undoWords.careDone(careGroupTitle(rows)),
        rows,
        { kind: 'done', note: words },
        freshLeft,
      ),
    putOff: (rows: CareGroup, days: number, reason: string) =>
      note(undoWords.carePutOff(careGroupTitle(rows)), rows, {
        kind: 'put off',
        until: addDays(clockNow(), days).toISOString(),
        note: reason,
      }),
    setEvery: (rows: CareGroup, every: number) =>
      note(undoWords.careEvery(careGroupTitle(rows), every), rows, { kind: 'every', every }),
  };
}

export type CareActs = ReturnType<typeof useCareActs>;
