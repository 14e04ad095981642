import { shortestLadder, type LadderProblem } from './shortestLadder';
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
  presentMinutes: number,
): LadderPlan['missingStone'] {
  let best: LadderPlan['missingStone'] = null;
  let bestMinutes = presentMinutes - WORTH_NAMING_MINUTES;
  for (const sizeUm of CANDIDATE_SIZES_UM) {
    const path = shortestLadder({
      ...problem,
      abrasives: [...problem.abrasives, candidate(problem, sizeUm)],
    });
    if (path && path.minutes < bestMinutes) {
      bestMinutes = path.minutes;
      best = { sizeUm, savesMinutes: presentMinutes - path.minutes };
    }
  }
  return best;
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
