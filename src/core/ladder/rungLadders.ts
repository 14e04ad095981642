import type { Pace } from '../wear';
import { planLadder } from './planLadder';
import type { EdgeCondition, LadderAbrasive, LadderPlan, WorkingFace } from './types';

/** Apex radius over target up to which an edge is keen for its work: a test is no finer. */
export const KEEN_UP_TO = 1.25;

/** The rungs that are ladders of abrasives, lightest first. */
export const LADDER_RUNGS = [
  'strop',
  'fine stone',
  'medium stone',
  'coarse stone or file',
] as const;
export type LadderRung = (typeof LADDER_RUNGS)[number];

/** Largest particle (µm) that belongs to a rung; strops go with every one. */
const LARGEST_UM: Record<LadderRung, number> = {
  strop: 0,
  'fine stone': 20,
  'medium stone': 65,
  'coarse stone or file': Infinity,
};
/** Work on one rung longer than this (minutes) calls for the next heavier one. */
export const LONGEST_MINUTES = 30;
/** Too little to be ground out for its own sake (mm). */
const TRACE_MM = 1e-6;

export interface RungProblem {
  face: WorkingFace;
  condition: EdgeCondition;
  targetApexUm: number;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}

/**
 * The quickest ladder with nothing coarser than a rung allows; a stone's rung begins with a stone.
 * The stone that is lacked most is looked for on request.
 */
export function ladderAtRung(
  problem: RungProblem,
  rung: LadderRung,
  { missingStone = false } = {},
): LadderPlan {
  const { face, condition, targetApexUm, pace } = problem;
  const isStrop = rung === 'strop';
  return planLadder({
    zone: face,
    condition: {
      ...condition,
      // A trace of damage bars the way by strops alone, which is a rung of its own.
      damageDepthMm: isStrop
        ? condition.damageDepthMm
        : Math.max(condition.damageDepthMm, TRACE_MM),
    },
    // A test is no finer than the span that counts as keen: stropping may end within it.
    target: { apexRadiusUm: isStrop ? KEEN_UP_TO * targetApexUm : targetApexUm },
    abrasives: problem.abrasives.filter(
      ({ kind, sizeUm }) => kind === 'strop' || sizeUm <= LARGEST_UM[rung],
    ),
    pace,
    missingStone,
  });
}

/** The ladder of the lightest rung that does it within half an hour, else of the heaviest that does. */
export function lightestLadder(
  problem: RungProblem,
  rungs: readonly LadderRung[] = LADDER_RUNGS,
): LadderPlan {
  return ladderAtRung(problem, lightestRung(problem, rungs), { missingStone: true });
}

function lightestRung(problem: RungProblem, rungs: readonly LadderRung[]): LadderRung {
  let heaviest = rungs.at(-1)!;
  for (const rung of rungs) {
    const { outcome, minutes } = ladderAtRung(problem, rung);
    if (outcome !== 'planned') continue;
    if (minutes <= LONGEST_MINUTES) return rung;
    heaviest = rung;
  }
  return heaviest;
}
