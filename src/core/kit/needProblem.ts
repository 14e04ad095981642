import { usualDamageWay, whyUnfit, workedParts, type LadderProblem } from '../ladder';
import { KEEN_UP_TO } from '../sharpness';
import type { KitNeed, KitProblem } from './types';

/** The ladder problem of one need with all abrasives that fit it. */
export function needProblem(
  problem: Pick<KitProblem, 'abrasives' | 'hand'>,
  need: Pick<KitNeed, 'face' | 'condition' | 'target'>,
): LadderProblem {
  const { face, condition, target } = need;
  const way = usualDamageWay({ face, depthMm: condition.damageDepthMm, where: 'field' });
  return {
    face,
    condition,
    parts: workedParts(face, condition, way),
    goal: { apexUm: KEEN_UP_TO * target.apexRadiusUm, finishUm: target.finishSizeUm, strop: false },
    hand: problem.hand,
    required: [],
    stoneOwned: true,
    bySchool: true,
    abrasives: problem.abrasives
      .map(({ abrasive }) => abrasive)
      .filter((abrasive) => whyUnfit(abrasive, face) === null),
  };
}
