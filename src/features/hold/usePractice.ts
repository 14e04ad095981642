'use client';

import { nanoid } from 'nanoid';
import type { EdgeNeed, SetStudy } from '../../core';
import { stampNow } from '../../domain/clock';
import { newRecord } from '../../domain/newRecord';
import type { Practice } from '../../domain/practice';
import type { Side } from '../../domain/terms';
import { newOne, removedOne, useUndoable } from '../../live';
import { coachWords as say } from '../../ui/words/holdCoachWords';

interface Aim {
  need: EdgeNeed;
  person: string | null;
  hand: Side;
  meantDeg: number;
  bandDeg: number;
}

/** Keeps a set, leaves one out again, and forgets all of them: each with the way to take it back. */
export function usePractice(): {
  /** The record of the set; null where it was too short to say anything. */
  keep: (study: SetStudy, aim: Aim) => Practice | null;
  leaveOut: (practice: Practice) => Promise<void>;
  forget: (practices: readonly Practice[]) => Promise<void>;
} {
  const undoable = useUndoable();
  return {
    keep(study, aim) {
      const record = practiceOf(study, aim, nanoid(), stampNow());
      if (record) void undoable(say.kept, [newOne('practices', record)]);
      return record;
    },
    leaveOut: (record) => undoable(say.isLeftOut, [removedOne('practices', record, stampNow())]),
    forget: (practices) =>
      undoable(
        say.forgotten,
        practices.map((record) => removedOne('practices', record, stampNow())),
      ),
  };
}

/** A set as a record; null where it was too short to say anything. */
function practiceOf(study: SetStudy, aim: Aim, id: string, at: string): Practice | null {
  const { strokes, meanDeg, wobbleDeg, driftDeg, backSteeperDeg, bellyLiftDeg, heldShare } = study;
  const { need, person, hand, meantDeg, bandDeg } = aim;
  if (!wobbleDeg) return null;
  return {
    ...newRecord(id, at),
    toolId: need.tool.id,
    zoneId: need.zone.id,
    at,
    person,
    hand,
    meantDeg,
    bandDeg,
    strokes: strokes.length,
    seconds: strokes.at(-1)!.toSeconds - strokes[0]!.fromSeconds,
    mean: meanDeg,
    wobble: wobbleDeg,
    drift: driftDeg,
    backSteeper: backSteeperDeg,
    bellyLift: bellyLiftDeg,
    heldShare,
  };
}
