import { sum } from 'd3-array';
import type { Zone } from '../../domain/tool';
import { span, type Ladder, type LadderStep } from '../ladder';

/** Where else, with what and in how many minutes damage would be mended that is left for now. */
export interface LeftDamage {
  depthMm: number;
  minutes: number;
  /** The first thing that would be taken to it. */
  name: string;
  /** Whether it would go at home only: with things that are not at hand here. */
  atHome: boolean;
}

/** A plan of a job: the ladder of a touch-up, or the steps of another. */
export interface JobPlan extends Ladder {
  /**
   * Why this section has no room for it, whatever one grinds with: the faces behind stand at this angle, or (null)
   * too little would be left; absent where there is room.
   */
  noRoom: { behindDeg: number | null } | null;
  /** Damage that is left for now because mending it takes too long here; null where none is. */
  leftDamage: LeftDamage | null;
  /** What the things at hand would take, where that is too long to be a plan; null where it is not. */
  tooLongMinutes: number | null;
}

/** What steps leave of a zone, once they are done; null where its measures stay. */
export function zoneLeft(steps: readonly { zoneAfter: Zone | null }[]): Zone | null {
  return steps.findLast(({ zoneAfter }) => zoneAfter !== null)?.zoneAfter ?? null;
}

/** A plan of nothing, to be filled in. */
export const NO_PLAN: JobPlan = {
  outcome: 'leave alone',
  steps: [],
  minutes: 0,
  minutesLow: 0,
  minutesHigh: 0,
  apexRadiusUm: 0,
  shortOf: { apex: false, finish: false },
  quickest: null,
  firstStones: [],
  wishesFailed: false,
  missingStone: null,
  leftOut: [],
  noRoom: null,
  tooLongMinutes: null,
  leftDamage: null,
};

/** A job with nothing to do or nothing to do it with, from the ladder that says why. */
export function withoutSteps(ladder: Ladder, outcome: 'leave alone' | 'out of reach'): JobPlan {
  return { ...NO_PLAN, ...ladder, outcome, steps: [], ...sums([]) };
}

/** A ladder that begins with further steps: no longer one to be compared with another ladder. */
export function withSteps(ladder: Ladder, first: readonly LadderStep[]): Ladder {
  const steps = [...first, ...ladder.steps];
  return {
    ...ladder,
    outcome: 'planned',
    steps,
    ...sums(steps),
    quickest: first.length > 0 ? null : ladder.quickest,
  };
}

/** The plan of some steps that are no ladder. */
export function planOfSteps(steps: readonly LadderStep[], apexRadiusUm: number): JobPlan {
  return { ...NO_PLAN, outcome: 'planned', steps: [...steps], ...sums(steps), apexRadiusUm };
}

function sums(steps: readonly LadderStep[]) {
  return { minutes: sum(steps, ({ minutes }) => minutes), ...span(steps) };
}
