import { sum } from 'd3-array';
import { UNSERVED_MINUTES, type FrontierPoint } from './kitFrontier';
import type { KitLabel } from './paretoLadders';
import type { KitSolution, SolvedNeed } from './solveKit';

/** The quickest way to serve a need with some things; null where they cannot. */
export function wayWith(need: SolvedNeed, carried: ReadonlySet<number>): KitLabel | null {
  return need.labels.find(({ items }) => items.every((i) => carried.has(i))) ?? null;
}

/** A kit in sum. */
export interface KitTotals {
  grams: number;
  /** Expected minutes of all that it serves. */
  minutes: number;
  waterMl: number;
  /** Needs that it does not serve. */
  unserved: SolvedNeed[];
}

export function kitTotals({ items, needs }: KitSolution, carried: ReadonlySet<number>): KitTotals {
  const totals: KitTotals = { grams: 0, minutes: 0, waterMl: 0, unserved: [] };
  for (const i of carried) totals.grams += items[i]!.massG;
  for (const need of needs) {
    const way = wayWith(need, carried);
    if (!way) totals.unserved.push(need);
    else {
      totals.minutes += need.count * way.minutes;
      totals.waterMl += need.count * way.waterMl;
    }
  }
  return totals;
}

/** Expected minutes of a kit, with the loss for what it does not serve: what the frontier goes by. */
export function kitCost(solution: KitSolution, carried: ReadonlySet<number>): number {
  return sum(
    solution.needs,
    (need) => need.count * (wayWith(need, carried)?.minutes ?? UNSERVED_MINUTES),
  );
}

/** What one thing is worth to a kit: the minutes that leaving it out costs, or taking it saves. */
export function thingPrice(
  solution: KitSolution,
  carried: ReadonlySet<number>,
  item: number,
): { minutes: number; unserved: SolvedNeed[] } {
  const other = new Set(carried);
  if (other.has(item)) other.delete(item);
  else other.add(item);
  const [less, more] = carried.has(item) ? [other, carried] : [carried, other];
  const unserved = solution.needs.filter(
    (need) => wayWith(need, more) !== null && wayWith(need, less) === null,
  );
  const served = solution.needs.filter((need) => !unserved.includes(need));
  const minutes = sum(served, (need) => {
    const [slow, quick] = [wayWith(need, less), wayWith(need, more)];
    return slow && quick ? need.count * (slow.minutes - quick.minutes) : 0;
  });
  return { minutes, unserved };
}

/** Steps of the frontier that are worth less than this (min) are not shown. */
const LEAST_STEP_MINUTES = 0.5;

/** The points that are worth a step: lightest first, each at least half a minute quicker than the last. */
export function shownPoints(points: readonly FrontierPoint[]): FrontierPoint[] {
  const shown: FrontierPoint[] = [];
  for (const point of points) {
    const last = shown.at(-1);
    if (!last || last.minutes - point.minutes >= LEAST_STEP_MINUTES) shown.push(point);
  }
  return shown;
}

/** The place among some points of the lightest kit that leaves no more unserved than any of them. */
export function lightestServing(solution: KitSolution, points: readonly FrontierPoint[]): number {
  const unserved = points.map(({ items }) => kitTotals(solution, new Set(items)).unserved.length);
  return Math.max(0, unserved.indexOf(Math.min(...unserved)));
}

/** What changes between two kits. */
export interface KitStep {
  to: FrontierPoint;
  /** Its place among the shown points. */
  at: number;
  comes: number[];
  leaves: number[];
  grams: number;
  minutes: number;
}

/** A step moves at least this share of the grams. */
const LEAST_STEP_SHARE = 0.1;

/**
 * The nearest lighter, or heavier, kit of the frontier that adds, drops or exchanges one thing and moves at
 * least a tenth of the grams; null where there is none.
 */
export function oneStep(
  points: readonly FrontierPoint[],
  at: number,
  direction: 'lighter' | 'heavier',
): KitStep | null {
  const from = points[at];
  if (!from) return null;
  const by = direction === 'lighter' ? -1 : 1;
  for (let i = at + by; i >= 0 && i < points.length; i += by) {
    const step = stepTo(from, points[i]!, i);
    const isOne = step.comes.length <= 1 && step.leaves.length <= 1;
    if (isOne && Math.abs(step.grams) >= LEAST_STEP_SHARE * from.grams) return step;
  }
  return null;
}

/** The very next kit of the frontier in a direction; null at its end. */
export function nextKit(
  points: readonly FrontierPoint[],
  at: number,
  direction: 'lighter' | 'heavier',
): KitStep | null {
  const i = at + (direction === 'lighter' ? -1 : 1);
  const [from, to] = [points[at], points[i]];
  return from && to ? stepTo(from, to, i) : null;
}

function stepTo(from: FrontierPoint, to: FrontierPoint, at: number): KitStep {
  return {
    to,
    at,
    comes: to.items.filter((i) => !from.items.includes(i)),
    leaves: from.items.filter((i) => !to.items.includes(i)),
    grams: to.grams - from.grams,
    minutes: to.minutes - from.minutes,
  };
}

/** Things of a kit that hardly add to it because another one there does the same. */
export function duplicates(solution: KitSolution, carried: ReadonlySet<number>): number[] {
  return [...carried].filter((item) => {
    const { minutes, unserved } = thingPrice(solution, carried, item);
    const isUsed = solution.needs.some((need) =>
      need.labels.some(({ items }) => items.includes(item)),
    );
    return isUsed && unserved.length === 0 && minutes < LEAST_STEP_MINUTES;
  });
}
