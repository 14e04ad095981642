import {
  ladderGraph,
  reachableGoal,
  usualDamageWay,
  whyUnfit,
  workedParts,
  type LadderProblem,
} from '../ladder';
import type { KitNeed, KitProblem } from './types';

/**
 * The ladder problem of one need with all abrasives that fit it. How keen it has to come out is decided once,
 * by everything that there is to choose from: a kit with one thing more is asked for no more than that.
 */
export function needProblem(
  problem: Pick<KitProblem, 'abrasives' | 'hand'>,
  need: Pick<KitNeed, 'face' | 'condition' | 'target'>,
): LadderProblem {
  const { face, condition, target } = need;
  const way = usualDamageWay({ face, depthMm: condition.damageDepthMm, where: 'field' });
  const ladder: LadderProblem = {
    face,
    condition,
    parts: workedParts(face, condition, way),
    goal: { apexUm: target.apexRadiusUm, finishUm: target.finishSizeUm, strop: false },
    hand: problem.hand,
    required: [],
    stoneOwned: true,
    bySchool: true,
    abrasives: problem.abrasives
      .map(({ abrasive }) => abrasive)
      .filter((abrasive) => whyUnfit(abrasive, face) === null),
  };
  const goal = reachableGoal(ladder, ladderGraph(ladder));
  return goal ? { ...ladder, goal } : ladder;
}
