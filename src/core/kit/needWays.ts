import { findHone } from '../jobs';
import { KEEN_UP_TO } from '../sharpness';
import { chooseStrop, type LadderProblem } from '../ladder';
import type { KitNeed, KitProblem, NeedWay } from './types';

/**
 * The hones that serve a need, each by itself: the edge has only turned, and what is left under it is
 * keen enough. None where there is a chip, as a hone takes no steel.
 */
export function honeWays(
  problem: Pick<KitProblem, 'abrasives' | 'hand'>,
  need: Pick<KitNeed, 'face' | 'condition' | 'target'>,
): NeedWay[] {
  const { face, condition, target } = need;
  if (condition.damageDepthMm > 0) return [];
  return problem.abrasives.flatMap(({ abrasive }) => {
    const plan = findHone({
      face,
      targetApexUm: target.apexRadiusUm,
      apexRadiusUm: condition.apexRadiusUm,
      keenRadiusUm: condition.keenRadiusUm ?? null,
      abrasives: [abrasive],
      hand: problem.hand,
    });
    const serves =
      plan.outcome === 'planned' && plan.apexRadiusUm <= KEEN_UP_TO * target.apexRadiusUm;
    return serves ? [{ things: [abrasive], minutes: plan.minutes }] : [];
  });
}

/** The strops that serve a need, each by itself, as far as a plan would take them alone. */
export function stropWays(ladder: LadderProblem, { target }: Pick<KitNeed, 'target'>): NeedWay[] {
  const goal = { ...ladder.goal, apexUm: target.apexRadiusUm };
  return ladder.abrasives.flatMap((strop) => {
    const alone = chooseStrop({ ...ladder, goal, abrasives: [strop] });
    return alone ? [{ things: [strop], minutes: alone.minutes }] : [];
  });
}
