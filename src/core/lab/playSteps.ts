import { sum } from 'd3-array';
import type { HandHold } from '../../domain/experiment';
import { isWorked } from '../../domain/observation';
import type { PlayedStep } from '../../domain/playedStep';
import type { Session, SessionStep } from '../../domain/session';
import { isSpineTask, type CountScheme } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
import { STEEPEST_HOLD_DEG } from '../hold';
import { shelfAbrasives, strokeLengthMm, type LadderStep, type Shelf } from '../ladder';
import { worstStretch } from '../sharpness';
import { setsOf } from '../touchUp';
import { reportBefore, type LabAnswer } from './askStrokes';
import { turnsInSets, type StrokeTurn } from './hand';
import { courseOf, type LabCourse } from './labCourse';
import { steelMg, strokeAreaMm2, type LabEdge } from './labEdge';
import { nominalApexDeg, type SharpeningStudy } from './studyHold';

/** A plan's or an entry's own strokes, played over and over by one hand. */
export interface PlayedWork extends LabAnswer {
  courses: [LabCourse];
}

/** Strokes that all sharpenings of a job together make at most, and how many of these there are at least. */
const MOST_STROKES = 2_000_000;
const LEAST_RUNS = 20;

/**
 * The stone steps of a plan as they can be played. Where a stretch of its own is worked, its strokes are: the section
 * lies in the middle of it.
 */
export function playedPlan(input: { zone: Zone; steps: readonly LadderStep[] }): PlayedStep[] {
  const { zone, steps } = input;
  return steps.flatMap((step) => {
    const { abrasive, stretch, forceN, strokesPerSide } = step;
    if (abrasive.kind !== 'stone' || isSpineTask(step.task)) return [];
    return {
      ...strokesMade({ ...step, left: strokesPerSide, right: strokesPerSide }),
      name: abrasive.name,
      family: abrasive.family,
      sizeUm: abrasive.sizeUm,
      forceN,
      strokeLengthMm: step.strokeLengthMm,
      workedMm: lengthOf(stretch ?? zone),
      finishUm: step.apexRadiusUm,
    };
  });
}

/**
 * The strokes of an entry of the log as they were made. `unknown` names the stones that are no longer on the shelf,
 * or were worked by feel: nobody can say what those strokes were. `startUm` is
 * the apex as it was tested before (µm).
 */
export function playedEntry(input: {
  zone: Zone;
  session: Pick<Session, 'steps' | 'before'>;
  shelf: Shelf;
}): { steps: PlayedStep[]; startUm: number | null; unknown: string[] } {
  const { zone, session, shelf } = input;
  const { tests } = session.before;
  const stones = new Map(
    shelfAbrasives(shelf).flatMap(({ abrasive }) =>
      abrasive.kind === 'stone' ? [[abrasive.id, abrasive] as const] : [],
    ),
  );
  const worked = session.steps.filter(
    (step) => step.kind === 'stone' && isWorked(step) && !isSpineTask(step.task),
  );
  const known = worked.filter(({ itemId, byFeel }) => stones.has(itemId) && byFeel === null);
  return {
    steps: known.map((step) => {
      const stone = stones.get(step.itemId)!;
      return {
        ...strokesMade(step),
        name: step.abrasiveName,
        family: stone.family,
        sizeUm: step.sizeUm,
        forceN: step.forceN,
        strokeLengthMm: strokeLengthMm(step.motion, stone),
        workedMm: lengthOf(step.stretch ?? zone),
        finishUm: step.plannedApexUm,
      };
    }),
    startUm: tests.length > 0 ? worstStretch(tests).apexRadiusUm : null,
    unknown: worked.filter((step) => !known.includes(step)).map((step) => step.abrasiveName),
  };
}

/** Strokes of a step on the stretch that was worked at an angle of its own, else all of them. */
function strokesMade(step: Pick<SessionStep, 'left' | 'right' | 'angleDeg' | 'stretch'>) {
  const { left, right, angleDeg, stretch } = step;
  const most = stretch?.strokesPerSide ?? Infinity;
  return {
    angleDeg: Math.min(STEEPEST_HOLD_DEG, stretch?.angleDeg ?? angleDeg),
    left: Math.min(left, most),
    right: Math.min(right, most),
  };
}

const lengthOf = ({ startMm, endMm }: { startMm: number; endMm: number }): number =>
  endMm - startMm;

/** Plays steps one after the other: each at its own hold, by a hand that wobbles, in the sets it counts in. */
export function playSteps(input: {
  edge: LabEdge;
  steps: readonly PlayedStep[];
  hand: Omit<HandHold, 'angleDeg'>;
  scheme: CountScheme;
  runs: number;
  seed: number;
  onShare?: (share: number) => void;
}): PlayedWork {
  const { edge, steps, hand, scheme, seed, onShare } = input;
  const { section, startUm } = edge;
  const strokes = sum(steps, ({ left, right }) => left + right);
  const runs = Math.min(input.runs, Math.max(LEAST_RUNS, Math.floor(MOST_STROKES / strokes)));
  const area = (step: PlayedStep): number =>
    strokeAreaMm2({ edge: { ...edge, lengthMm: step.workedMm }, stone: step, ...step });
  const study: SharpeningStudy = {
    section,
    startUm,
    apexAngleDeg: nominalApexDeg(section),
    stones: steps.map((step) => ({
      hold: { ...hand, angleDeg: step.angleDeg },
      turns: turnsIn(scheme, step),
      areaMm2: area(step),
      finishUm: step.finishUm,
    })),
    runs,
    seed,
  };
  const mg = sum(steps, (step) =>
    steelMg((step.left + step.right) * area(step), { lengthMm: step.workedMm }),
  );
  const course = courseOf(study, mg, onShare);
  return { before: reportBefore(course), courses: [course] };
}

/** The turns of a step in the sets that a person counts in, as far as either side went. */
function turnsIn(scheme: CountScheme, { left, right }: PlayedStep): StrokeTurn[] {
  let done = 0;
  return turnsInSets(
    setsOf(scheme, Math.max(left, right)).map((size) => {
      const set = {
        left: Math.min(size, Math.max(0, left - done)),
        right: Math.min(size, Math.max(0, right - done)),
      };
      done += size;
      return set;
    }),
  );
}
