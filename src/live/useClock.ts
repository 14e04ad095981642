'use client';

import { undoWords } from '../ui/words/undoWords';
import { differenceInCalendarDays, parseISO } from 'date-fns';
import { millisecondsInDay, millisecondsInMinute } from 'date-fns/constants';
import { useContext, useState } from 'react';
import { endSpell, shiftedEntries, type ClockSpell } from '../data';
import { KeptContext } from './StoreProvider';
import { useUndoable } from './useUndoable';

/** A time in which the clock ran behind, and what can be said of it. */
export interface ClockCare {
  spell: ClockSpell;
  /** The device is right: what is dated ahead of it is brought back, all by as much. */
  bringBack: () => Promise<void>;
  /** Everything of the spell is moved by as many days as its first entry was really later. */
  setRight: (firstDay: string) => Promise<void>;
  leave: () => Promise<void>;
}

/** Null where the clock has always run on. */
export function useClock(): ClockCare | null {
  const kept = useContext(KeptContext);
  const undoable = useUndoable();
  const [isOver, setOver] = useState(false);
  if (!kept?.spell || !kept.side || isOver) return null;
  const { store, side, spell } = kept;
  const done = async (): Promise<void> => {
    await endSpell(side);
    setOver(true);
  };
  const move = async (from: string, ms: number): Promise<void> => {
    const act = await shiftedEntries(store, from, ms);
    await done();
    if (act.length > 0) await undoable(undoWords.setRight(act.length), act);
  };
  return {
    spell,
    bringBack: () => move(new Date().toISOString(), -spell.behindMs - millisecondsInMinute),
    setRight: (firstDay) =>
      move(
        spell.from,
        differenceInCalendarDays(parseISO(firstDay), spell.from) * millisecondsInDay,
      ),
    leave: done,
  };
}
