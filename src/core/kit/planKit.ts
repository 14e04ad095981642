import { positive } from '../check';
import { KitProgramme } from './lightestKit';
import { quickestWay } from './needWays';
import type {
  CarriedItem,
  KitNeed,
  KitPlan,
  KitProblem,
  ServedNeed,
  SolveLp,
  WhyUnserved,
} from './types';

/**
 * The exact lightest kit of owned items whose ladders bring every needed edge to its target, with
 * what each carried item is for and what leaving it out would cost.
 *
 * `solve` runs a mixed-integer programme; `onProgress` hears the share done, 0 to 1. Throws a
 * `RangeError` on a limit of no minutes.
 */
export function planKit(
  problem: KitProblem,
  solve: SolveLp,
  onProgress: (share: number) => void = () => {},
): KitPlan {
  positive(problem.minutesPerTouchUp, 'minutesPerTouchUp');
  const programme = new KitProgramme(problem, solve);
  const kit = programme.lightest();
  const carriedIds = new Set(kit.itemIds);
  const served = problem.needs.map((need, i) =>
    kit.unserved.includes(i)
      ? { need, way: null, whyNot: whyUnserved(problem, need) }
      : { need, way: wayWith(problem, need, carriedIds), whyNot: null },
  );
  const items = problem.items.filter(({ id }) => carriedIds.has(id));
  const grams = items.reduce((sum, { massG }) => sum + massG, 0);

  const carried = items.map((item, i): CarriedItem => {
    onProgress((i + 1) / (items.length + 1));
    const without = programme.lightestWithout(item.id);
    const unserved = without.unserved.filter((n) => !kit.unserved.includes(n));
    return {
      item,
      usedFor: served.filter((s) => uses(problem, s, item.id)).map((s) => s.need.name),
      unservedWithout: unserved.map((n) => problem.needs[n]!.name),
      gramsMoreWithout: unserved.length > 0 ? null : without.grams - grams,
    };
  });
  onProgress(1);
  return { grams, carried, left: problem.items.filter(({ id }) => !carriedIds.has(id)), served };
}

/** The quickest way to serve a need with the carried items only. */
function wayWith(problem: KitProblem, need: KitNeed, carried: ReadonlySet<string>) {
  const abrasives = problem.abrasives.filter(
    ({ needsAll, needsOneOf }) =>
      needsAll.every((id) => carried.has(id)) &&
      (needsOneOf === null || needsOneOf.some((id) => carried.has(id))),
  );
  return quickestWay({ ...problem, abrasives }, need);
}

function whyUnserved(problem: KitProblem, need: KitNeed): WhyUnserved {
  const best = quickestWay(problem, need);
  return best
    ? { kind: 'too long', minutes: best.minutes, limitMinutes: problem.minutesPerTouchUp }
    : { kind: 'nothing owned' };
}

function uses(problem: KitProblem, { way }: ServedNeed, itemId: string): boolean {
  const used = new Set(way?.things.map(({ id }) => id));
  return problem.abrasives.some(
    ({ abrasive, needsAll, needsOneOf }) =>
      used.has(abrasive.id) && (needsAll.includes(itemId) || !!needsOneOf?.includes(itemId)),
  );
}
