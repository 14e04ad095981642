import { planHoning } from '../jobs';
import { shortestLadder } from '../ladder';
import { KEEN_UP_TO } from '../sharpness';
import { needProblem } from './flowNetwork';
import type { KitNeed, KitProblem, NeedWay } from './types';

/**
 * The hones that serve a need, each by itself: the edge has only turned, and what is left under it is
 * keen enough. None where there is a chip, as a hone takes no steel.
 */
export function honeWays(problem: KitProblem, need: KitNeed): NeedWay[] {
  const { face, condition, target } = need;
  if (condition.damageDepthMm > 0) return [];
  return problem.abrasives.flatMap(({ abrasive }) => {
    const plan = planHoning({
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

/** The quickest way to serve a need with everything in the problem: a hone, or a ladder. */
export function quickestWay(problem: KitProblem, need: KitNeed): NeedWay | null {
  const path = shortestLadder(needProblem(problem, need));
  const ladder = path && {
    things: path.arcs.map(({ to }) => to.last),
    minutes: path.minutes,
  };
  return [...honeWays(problem, need), ...(ladder ? [ladder] : [])].reduce<NeedWay | null>(
    (best, way) => (best && best.minutes <= way.minutes ? best : way),
    null,
  );
}
