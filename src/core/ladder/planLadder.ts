import { DEFAULT_PACE, type Pace } from '../wear';
import { notNegative, positive } from '../check';
import { describeStep } from './describeStep';
import { bestMissingStone } from './missingStone';
import { ladderSolver, type LadderArc, type LadderProblem } from './shortestLadder';
import { whyUnfit } from './whyUnfit';
import type {
  EdgeCondition,
  EdgeTarget,
  LadderAbrasive,
  LadderPlan,
  LadderStep,
  WorkingFace,
} from './types';

/**
 * The quickest ladder of the abrasives at hand that brings an edge to its target, with what each
 * step asks of the hand.
 *
 * Abrasives that do not fit the edge are named in `leftOut`; a target that no ladder reaches comes
 * back as `out of reach` with no steps. Throws a `RangeError` on negative or missing measures.
 */
export function planLadder(input: {
  zone: WorkingFace;
  condition: EdgeCondition;
  target: EdgeTarget;
  abrasives: readonly LadderAbrasive[];
  pace?: Pace;
  /** Whether to look for the stone that would help most: most of the work of a plan. */
  missingStone?: boolean;
}): LadderPlan {
  const { zone: face, condition, target, pace = DEFAULT_PACE } = input;
  positive(condition.apexRadiusUm, 'condition.apexRadiusUm');
  notNegative(condition.damageDepthMm, 'condition.damageDepthMm');
  positive(target.apexRadiusUm, 'target.apexRadiusUm');

  const leftOut: LadderPlan['leftOut'] = [];
  const abrasives = input.abrasives.filter((abrasive) => {
    const reason = whyUnfit(abrasive, face);
    if (reason) leftOut.push({ id: abrasive.id, name: abrasive.name, reason });
    return !reason;
  });
  if (condition.damageDepthMm === 0 && condition.apexRadiusUm <= target.apexRadiusUm) {
    return {
      outcome: 'leave alone',
      steps: [],
      minutes: 0,
      apexRadiusUm: condition.apexRadiusUm,
      missingStone: null,
      leftOut,
    };
  }

  const problem: LadderProblem = { face, condition, target, abrasives, pace };
  const solver = ladderSolver(problem);
  const path = solver.best();
  const missingStone =
    (input.missingStone ?? true)
      ? bestMissingStone(problem, solver, path?.minutes ?? Infinity)
      : null;
  if (!path) {
    return {
      outcome: 'out of reach',
      steps: [],
      minutes: 0,
      apexRadiusUm: condition.apexRadiusUm,
      missingStone,
      leftOut,
    };
  }
  return {
    outcome: 'planned',
    steps: path.arcs.map((arc, i) => describeArc(face, arc, path.arcs[i - 1], missingStone)),
    minutes: path.minutes,
    apexRadiusUm: path.arcs.at(-1)!.to.apexRadiusUm,
    missingStone,
    leftOut,
  };
}

function describeArc(
  face: WorkingFace,
  { to, rung }: LadderArc,
  before: LadderArc | undefined,
  missingStone: LadderPlan['missingStone'],
): LadderStep {
  const jumpRatio = before ? before.to.last.sizeUm / to.last.sizeUm : null;
  const rungToReach = { ...rung, apexRadiusUm: to.apexRadiusUm };
  return describeStep({ face, abrasive: to.last, rung: rungToReach, jumpRatio, missingStone });
}
