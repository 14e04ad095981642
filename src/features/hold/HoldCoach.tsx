'use client';

import { useState } from 'react';
import { apexAngle } from '../../core/edge';
import { wobbleDeg } from '../../core/evidence';
import type { EdgeNeed } from '../../core/inspection';
import type { SetStudy } from '../../core/measure';
import { edgeName } from '../../domain/edgeName';
import type { Practice } from '../../domain/practice';
import type { Side } from '../../domain/terms';
import { PHONE_MOTION, simulatedHand } from '../../instruments';
import { useHand, newOne, removedOne, useUndoable } from '../../live';
import { InstrumentFrame } from '../../ui/InstrumentFrame';
import { coachWords as say, LOST_SENSORS } from './words';
import { titles } from '../../ui/words/titleWords';
import { BANDS_DEG, bandFor, CoachBar } from './CoachBar';
import { LiveSet } from './LiveSet';
import { SetResult } from './SetResult';
import { isWaiting, useHoldSet, type HoldSet } from './useHoldSet';
import { WobblePast } from './WobblePast';
import { nanoid } from 'nanoid';
import { stampNow } from '../../domain/clock';
import { newRecord } from '../../domain/newRecord';

/** A hand practises an angle with a phone on a lath: the set begins and ends by itself. */
export function HoldCoach(props: {
  need: EdgeNeed;
  person: string | null;
  practices: readonly Practice[];
}) {
  const { need, person, practices } = props;
  const { tool, zone } = need;
  const [hand, setHand] = useState<Side>('right');
  // The path narrows as the person does.
  const own = practices.filter((set) => person === null || set.person === person);
  const learned = useHand()?.learned.hold ?? null;
  const [ownBand, setBand] = useState<number | null>(null);
  const band = ownBand ?? bandFor(wobbleDeg(learned, 'freehand'));
  const [isSimulated, setSimulated] = useState(false);
  const meantDeg = apexAngle(zone);
  const bandDeg = BANDS_DEG[band]!;
  const { keep, leaveOut, forget } = usePractice();
  const [kept, setKept] = useState<Practice | null>(null);
  const set = useHoldSet({ meantDeg, bandDeg }, (study) =>
    // Nobody taps while the hand is at work: a set is saved as it ends.
    setKept(isSimulated ? null : keep(study, { need, person, hand, meantDeg, bandDeg })),
  );
  const name = edgeName(tool, zone);
  const begin = (by: 'device' | 'simulated'): void => {
    setSimulated(by === 'simulated');
    setKept(null);
    set.open(by === 'device' ? PHONE_MOTION : simulatedHand(madeUp(meantDeg, hand)));
  };
  return (
    <InstrumentFrame
      tab={titles.hold(name)}
      title={say.title(name)}
      toolId={tool.id}
      bar={
        <CoachBar
          set={set}
          isSimulated={isSimulated}
          begin={{ hand, onHand: setHand, band, onBand: setBand, onBegin: begin }}
          onLeaveOut={
            kept &&
            (() => {
              void leaveOut(kept);
              set.again();
            })
          }
        />
      }
    >
      {isWaiting(set) && <Before set={set} />}
      {!isWaiting(set) && set.phase !== 'done' && (
        <LiveSet set={set} meantDeg={meantDeg} bandDeg={bandDeg} />
      )}
      {set.phase === 'done' && set.study && (
        <SetResult study={set.study} need={need} meantDeg={meantDeg} bandDeg={bandDeg} />
      )}
      {(isWaiting(set) || set.phase === 'done') && (
        <WobblePast practices={own} learned={learned} onForget={() => void forget(own)} />
      )}
    </InstrumentFrame>
  );
}

/** A hand to try it with: a little high, steeper on the way back, the left one looser. */
function madeUp(meantDeg: number, hand: Side) {
  return {
    angleDeg: meantDeg + 0.4,
    wobbleDeg: hand === 'left' ? 1.8 : 1.4,
    driftDeg: 0.3,
    backSteeperDeg: 0.8,
    bellyLiftDeg: 1.5,
    strokes: 24,
    perMinute: 80,
    seed: hand === 'left' ? 12 : 11,
  };
}

/** How to bind the phone, and never to a bare edge; and why it does not listen. */
function Before({ set: { phase } }: { set: HoldSet }) {
  return (
    <>
      <p className="mt-1">
        <b className="battened uppercase">{say.never}</b> {say.lath}
      </p>
      <p role="status" className="min-h-7">
        {phase !== 'off' &&
          `${LOST_SENSORS[phase as keyof typeof LOST_SENSORS] ?? ''} ${say.others}`}
      </p>
    </>
  );
}

interface Aim {
  need: EdgeNeed;
  person: string | null;
  hand: Side;
  meantDeg: number;
  bandDeg: number;
}

/** Keeps a set, leaves one out again, and forgets all of them: each with the way to take it back. */
function usePractice(): {
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
