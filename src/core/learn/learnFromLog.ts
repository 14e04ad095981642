import type { LoggedSession, LoggedStep } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import { MOTIONS, type Motion } from '../../domain/terms';
import { grouped } from '../grouped';
import { KEEN_UP_TO, readingApexUm } from '../sharpness';
import type { Pace } from '../wear';
import { calibrate, ratioSum, type RatioSum } from './calibrate';
import {
  OBSERVATION_SD,
  OWN_PRIOR_SD,
  PRIOR_SD,
  type CutterFamily,
  type Learned,
  type LearnedHand,
} from './learnedHand';

/** From so many steps of its own on, a thing has a factor of its own over its family's. */
export const OWN_STEPS = 3;
/** Spread of one step of a thing around its own factor (prior). */
const OWN_OBSERVATION_SD = 0.25;

/** What is known of the things that the log's steps were done with: their family, by id. */
export type FamilyOf = (itemId: string) => CutterFamily | null;

/** What the log is no longer to teach: of one thing by id, of `pace` or of `all`, up to a moment. */
export type Forgotten = readonly { what: string; at: string }[];

/** One step of the log beside its plan. */
export interface LearnedStep {
  itemId: string;
  family: CutterFamily;
  sessionId: string;
  at: string;
  /** Strokes done over strokes planned by the model alone, without what had been learned. */
  ratio: number;
  /** Strokes done over strokes planned as it was planned then, with what had been learned. */
  ofPlan: number;
  /** Stopped before its target: shown, and not learned from. */
  stoppedEarly: boolean;
}

/** The steps of a log that say something about strokes, oldest first; forgotten ones left out. */
export function learnedSteps(
  sessions: readonly LoggedSession[],
  familyOf: FamilyOf,
  forgotten: Forgotten = [],
): LearnedStep[] {
  const learned: LearnedStep[] = [];
  for (const session of finished(sessions)) {
    const { id: sessionId, finishedAt } = session;
    const at = finishedAt!;
    const reached = reachedTarget(session);
    for (const step of session.steps) {
      const { itemId, left, right, plannedPerSide, learnedFactor } = step;
      if (left + right === 0 || plannedPerSide === 0 || !isComputed(step)) continue;
      const family = familyOf(itemId);
      if (!family || isForgotten(forgotten, itemId, at)) continue;
      const ofPlan = (left + right) / (2 * plannedPerSide);
      const ratio = ofPlan * learnedFactor;
      const stoppedEarly = step.finishedAt === null || step.skipped !== null || !reached;
      learned.push({ itemId, family, sessionId, at, ratio, ofPlan, stoppedEarly });
    }
  }
  return learned;
}

/**
 * The factors on strokes and pace that a log teaches: per family, then per thing on what its family
 * leaves, once it has three steps of its own; pace per motion. Steps stopped before their target, and
 * steps without strokes, do not count.
 */
export function learnFromLog(input: {
  sessions: readonly LoggedSession[];
  familyOf: FamilyOf;
  forgotten?: Forgotten;
  pace: Pace;
}): LearnedHand {
  const { sessions, familyOf, forgotten = [], pace } = input;
  const steps = learnedSteps(sessions, familyOf, forgotten).filter((step) => !step.stoppedEarly);
  const families: LearnedHand['families'] = {};
  for (const [family, own] of grouped(steps, (step) => step.family)) {
    families[family] = familyFactor(ratioSum(own.map(ratioOf)));
  }
  const things: LearnedHand['things'] = {};
  for (const [itemId, own] of grouped(steps, (step) => step.itemId)) {
    if (own.length >= OWN_STEPS) {
      things[itemId] = ownFactor(ratioSum(own.map(ratioOf)), families[own[0]!.family]!);
    }
  }
  return { families, things, pace: learnPace(finished(sessions), forgotten, pace) };
}

/** The strokes a minute that a hand makes, by its settings and its log. */
export function learnedPace(pace: Pace, hand: LearnedHand): Pace {
  return Object.fromEntries(
    MOTIONS.map((motion) => [motion, pace[motion] * (hand.pace[motion]?.factor ?? 1)]),
  ) as Pace;
}

/** A thing's factor over its family's, on the same number of steps. */
export function ownFactor({ count, sumLn }: RatioSum, family: Learned): Learned {
  const rest = { count, sumLn: sumLn - count * Math.log(family.factor) };
  const own = learned(rest, OWN_PRIOR_SD, OWN_OBSERVATION_SD);
  return { ...own, factor: own.factor * family.factor };
}

function learnPace(
  sessions: readonly LoggedSession[],
  forgotten: Forgotten,
  pace: Pace,
): LearnedHand['pace'] {
  const timed = sessions
    .filter(({ finishedAt }) => !isForgotten(forgotten, 'pace', finishedAt!))
    .flatMap(({ steps }) => steps)
    .filter((step) => step.left + step.right >= LEAST_TIMED_STROKES && step.activeSeconds > 0);
  const found: LearnedHand['pace'] = {};
  for (const [motion, own] of grouped(timed, (step) => step.motion)) {
    found[motion] = learned(
      ratioSum(own.map((step) => perMinute(step) / pace[motion as Motion])),
      PRIOR_SD,
      OBSERVATION_SD,
    );
  }
  return found;
}

/** Fewer strokes than this say little about pace. */
const LEAST_TIMED_STROKES = 10;
/** Turning the tool over and looking are in the time; hands are not faster than this (a minute). */
const FASTEST_PER_MINUTE = 300;

function perMinute({ left, right, activeSeconds }: LoggedStep): number {
  return Math.min(FASTEST_PER_MINUTE, ((left + right) * 60) / activeSeconds);
}

/** The factor that some steps teach of their family. */
export function familyFactor(steps: RatioSum): Learned {
  return learned(steps, PRIOR_SD, OBSERVATION_SD);
}

function learned(ratios: RatioSum, priorSd: number, observationSd: number): Learned {
  return { ...calibrate({ priorSd, observationSd, ratios }), steps: ratios.count };
}

const ratioOf = ({ ratio }: LearnedStep): number => ratio;

/** Finished sessions in which something was done, oldest first. */
function finished(sessions: readonly LoggedSession[]): LoggedSession[] {
  return sessions
    .filter(({ finishedAt, steps }) => finishedAt !== null && steps.some(isWorked))
    .sort((a, b) => (a.finishedAt! < b.finishedAt! ? -1 : 1));
}

/** Whether a step's strokes were computed, and not a usual count. */
function isComputed({ task }: LoggedStep): boolean {
  return (
    task !== 'lay a turned edge straight' &&
    task !== 'blend the arc' &&
    task !== 'raise the hook' &&
    task !== 'strop the spine' &&
    task !== 'file the spine square' &&
    task !== 'stone the spine'
  );
}

function isForgotten(forgotten: Forgotten, what: string, at: string): boolean {
  return forgotten.some((entry) => (entry.what === what || entry.what === 'all') && at <= entry.at);
}

/**
 * Whether a session ended at what its plan promised or its work asked for, or within a test of it;
 * untested ones where every step was worked.
 */
export function reachedTarget({ steps, after, targetApexUm }: LoggedSession): boolean {
  const last = after.tests.at(-1);
  if (!last) return steps.every(isWorked);
  const promisedUm = steps.at(-1)?.plannedApexUm ?? 0;
  const enoughUm = Math.max(promisedUm, targetApexUm ?? 0);
  return readingApexUm(last) <= PASSES_UP_TO * enoughUm;
}

/** A test's centre lies so far above the radius of an edge that just passes it, or less. */
const PASSES_UP_TO = KEEN_UP_TO * Math.SQRT2;
