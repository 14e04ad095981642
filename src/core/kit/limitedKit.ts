import { sum } from 'd3-array';
import type { CarryPlace } from '../../domain/terms';
import { kitTotals, lightestServing } from './explainKit';
import { LinearProgramme, type Terms } from './linearProgramme';
import { UNSERVED_MINUTES } from './kitFrontier';
import type { KitSolution } from './solveKit';
import type { SolveLp } from './types';

/** Limits that bind across needs; null where there is none. */
export interface KitLimits {
  grams: number | null;
  placeGrams: Record<CarryPlace, number | null>;
  /** Over the whole trip. */
  minutes: number | null;
  waterMl: number | null;
}

export const NO_LIMITS: KitLimits = {
  grams: null,
  placeGrams: { pouch: null, pack: null, 'base-camp': null },
  minutes: null,
  waterMl: null,
};

/**
 * Whether limits bind: one of grams always does; those of minutes and water where the lightest kit that
 * leaves least unserved goes over them.
 */
export function limitsBind(solution: KitSolution, limits: KitLimits): boolean {
  const { grams, placeGrams, minutes, waterMl } = limits;
  if ([grams, ...Object.values(placeGrams)].some((limit) => limit !== null)) return true;
  const usual = solution.points[lightestServing(solution, solution.points)];
  const totals = kitTotals(solution, new Set(usual?.items));
  return totals.minutes > (minutes ?? Infinity) || totals.waterMl > (waterMl ?? Infinity);
}

/**
 * The quickest kit within limits, then the lightest of those, by a mixed-integer programme: one binary for
 * each thing, one choice of way for each need, a way only with all of its things. Null where what is held
 * in does not fit the limits. What does not fit stays unserved, at its loss.
 */
export function limitedKit(
  { items, needs, held, keptOut }: KitSolution,
  limits: KitLimits,
  solve: SolveLp,
): number[] | null {
  const programme = new LinearProgramme();
  const carried = items.map((_, i) => programme.binary(`x${i}`));
  const cost: Terms = [];
  const minutes: Terms = [];
  const water: Terms = [];
  needs.forEach((need, n) => {
    const unserved = programme.binary(`u${n}`);
    cost.push([need.count * UNSERVED_MINUTES, unserved]);
    const choices: Terms = [[1, unserved]];
    need.labels.forEach((label, l) => {
      const way = programme.binary(`y${n}_${l}`);
      choices.push([1, way]);
      cost.push([need.count * label.minutes, way]);
      minutes.push([need.count * label.minutes, way]);
      water.push([need.count * label.waterMl, way]);
      for (const i of label.items) {
        programme.constrain(
          [
            [1, way],
            [-1, carried[i]!],
          ],
          '<=',
          0,
        );
      }
    });
    programme.constrain(choices, '=', 1);
  });
  for (const i of held) programme.constrain([[1, carried[i]!]], '=', 1);
  for (const i of keptOut) programme.constrain([[1, carried[i]!]], '=', 0);
  const grams = (of: (place: CarryPlace) => boolean): Terms =>
    items.flatMap(({ massG, place }, i): Terms => (of(place) ? [[massG, carried[i]!]] : []));
  const within = (terms: Terms, limit: number | null): void => {
    if (limit !== null) programme.constrain(worth(terms), '<=', limit);
  };
  within(
    grams(() => true),
    limits.grams,
  );
  for (const [place, limit] of Object.entries(limits.placeGrams)) {
    within(
      grams((own) => own === place),
      limit,
    );
  }
  within(minutes, limits.minutes);
  within(water, limits.waterMl);
  const first = solve(programme.text(worth(cost)));
  if (!first) return null;
  // Of the quickest, the lightest: the cost may not rise by more than what is lost in rounding.
  const best = sum(cost, ([k, name]) => k * (first[name] ?? 0));
  programme.constrain(worth(cost), '<=', best + SAME_MINUTES);
  const lightest = solve(programme.text(grams(() => true))) ?? first;
  return items.flatMap((_, i) => (Math.round(lightest[`x${i}`] ?? 0) === 1 ? [i] : []));
}

const SAME_MINUTES = 1e-4;

/** Terms that count: a row of zeros is none. */
function worth(terms: Terms): Terms {
  return terms.filter(([k]) => k !== 0);
}
