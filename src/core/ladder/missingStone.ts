import type { LadderProblem, LadderSolver } from './shortestLadder';
import type { LadderPlan, LadderStone } from './types';

/** Sizes (µm) worth owning, as candidates. */
const CANDIDATE_SIZES_UM = [120, 90, 60, 45, 30, 25, 18, 14, 9, 6, 4, 3, 2, 1];
/** A stone that saves less than this is not worth naming. */
const WORTH_NAMING_MINUTES = 1;

/**
 * The one diamond stone, pocket-sized, that would shorten this ladder most; null when none saves a
 * minute. Where the target is out of reach, the stone that opens the quickest way saves `Infinity`.
 */
export function bestMissingStone(
  problem: LadderProblem,
  solver: LadderSolver,
  presentMinutes: number,
): LadderPlan['missingStone'] {
  const ways = CANDIDATE_SIZES_UM.map((sizeUm) => ({
    sizeUm,
    minutes: solver.minutesThrough(candidate(problem, sizeUm)),
  }));
  const best = ways.reduce((a, b) => (b.minutes < a.minutes ? b : a));
  return best.minutes < presentMinutes - WORTH_NAMING_MINUTES
    ? { sizeUm: best.sizeUm, savesMinutes: presentMinutes - best.minutes }
    : null;
}

function candidate({ face }: LadderProblem, sizeUm: number): LadderStone {
  return {
    kind: 'stone',
    id: `candidate-${sizeUm}`,
    name: `${sizeUm} µm diamond`,
    family: 'diamond',
    form: face.contour === 'recurve' ? 'rod' : 'pocket-stone',
    sizeUm,
    lengthMm: 100,
    dishMm: 0,
    state: 'normal',
    lubricant: 'dry',
  };
}
