import { sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import {
  learnStrokes,
  strokesLearned,
  UNTAUGHT_HAND,
  type CutterFamily,
  type Learned,
  type LearnedHand,
  type StrokesEvidence,
} from '../evidence';
import { workedSessions } from './finished';
import { isForgotten, type FamilyOf, type Forgotten } from './forgotten';
import { strokesEvidence } from './stepEvidence';

/** One step of the log beside its plan. */
export interface StepDone {
  itemId: string;
  family: CutterFamily;
  sessionId: string;
  at: string;
  /** Strokes done over strokes that the model alone had counted. */
  ratio: number;
  /** Strokes done over strokes planned as it was planned then, with what had been learned. */
  ofPlan: number;
  /** What it teaches; null where it says nothing of strokes, and is only shown. */
  evidence: StrokesEvidence | null;
}

/** The steps of a log that were computed, oldest first; forgotten ones left out. */
export function stepsDone(
  sessions: readonly LoggedSession[],
  familyOf: FamilyOf,
  forgotten: Forgotten = [],
): StepDone[] {
  return workedSessions(sessions).flatMap((session) => {
    const told = new Map(strokesEvidence(session, familyOf).map((each) => [each.stepIndex, each]));
    const at = session.finishedAt!;
    return session.steps.flatMap((step, i): StepDone[] => {
      const { itemId, left, right, plannedPerSide, baseline } = step;
      const family = familyOf(itemId);
      const strokes = left + right;
      if (!family || !baseline || baseline.strokes <= 0 || strokes === 0) return [];
      if (plannedPerSide === 0 || isForgotten(forgotten, itemId, at)) return [];
      return [
        {
          itemId,
          family,
          sessionId: session.id,
          at,
          ratio: strokes / baseline.strokes,
          ofPlan: strokes / (2 * plannedPerSide),
          evidence: told.get(i) ?? null,
        },
      ];
    });
  });
}

/** What a log has taught of one thing, step by step. */
export interface Taught {
  itemId: string;
  /** Its own latest steps, oldest first; those that teach nothing among them. */
  steps: StepDone[];
  /** The factor before the first of these, and after each that teaches. */
  course: Learned[];
  now: Learned;
  /** The mean of its latest steps, where that has left the range; null where it has not. */
  drift: { steps: number; factor: number } | null;
}

/** So many of the latest steps are held against the range. */
const LATEST = 4;
/** So many of a thing's latest steps are followed. */
export const STEPS_FOLLOWED = 40;

/**
 * How a thing's factor narrowed over its latest steps. `steps` are those of the whole log, oldest first;
 * `plannedHrc` is the hardness that plans go by, by tool.
 */
export function taughtOf(
  thing: { id: string; family: CutterFamily },
  steps: readonly StepDone[],
  plannedHrc: ReadonlyMap<string, number>,
): Taught {
  const kin = steps.flatMap(({ family, evidence }) =>
    family === thing.family && evidence ? [evidence] : [],
  );
  const own = steps.filter(({ itemId }) => itemId === thing.id).slice(-STEPS_FOLLOWED);
  const telling = own.flatMap(({ evidence }) => (evidence ? [evidence] : []));
  const first = telling[0] ? kin.indexOf(telling[0]) : kin.length;
  const ends =
    telling.length === 0 ? [] : [first, ...telling.slice(1).map((each) => kin.indexOf(each))];
  const learnedBy = (evidence: readonly StrokesEvidence[]): Learned => {
    const hand: LearnedHand = { ...UNTAUGHT_HAND, ...learnStrokes(evidence, plannedHrc, null) };
    const { factor, sdLn, steps: count, from } = strokesLearned(hand, thing);
    return { factor, sdLn, steps: from === 'itself' ? count : 0 };
  };
  // At its latest step everything is known, what came after it too.
  const course = [...ends, kin.length].map((end) => learnedBy(kin.slice(0, end)));
  const now = course.at(-1)!;
  return { itemId: thing.id, steps: own, course, now, drift: driftOf(own, now) };
}

function driftOf(own: readonly StepDone[], { factor, sdLn }: Learned): Taught['drift'] {
  const counted = own.filter(({ evidence }) => evidence !== null);
  if (counted.length <= LATEST) return null;
  const latest = counted.slice(-LATEST);
  const mean = sum(latest, ({ ratio }) => Math.log(ratio)) / LATEST;
  return Math.abs(mean - Math.log(factor)) > sdLn
    ? { steps: LATEST, factor: Math.exp(mean) }
    : null;
}
