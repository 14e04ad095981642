import { sum } from 'd3-array';
import { UNSERVED_MINUTES, type FrontierPoint } from './kitFrontier';
import type { CarryPlace } from '../../domain/terms';
import { chooseBelt } from './chooseBelt';
import type { KitLabel } from './paretoLadders';
import { isFromBelt, type KitSolution, type SolvedNeed } from './solveKit';

/** Things that go along, by index, and those of them that hang on the belt. */
export interface Carrying {
  carried: ReadonlySet<number>;
  hung: ReadonlySet<number>;
}

/** Some things as a kit, with what of them hangs on the belt for mid-job work. */
export function carrying(solution: KitSolution, carried: ReadonlySet<number>): Carrying {
  const { items, needs, belt } = solution;
  const { hung } = chooseBelt({
    needs: needs.filter(isFromBelt),
    isCarried: (i) => carried.has(i),
    masses: items.map(({ massG }) => massG),
    belt: { mostMass: belt.mostG, always: belt.always },
    lossMinutes: UNSERVED_MINUTES,
  });
  return { carried, hung };
}

/**
 * Where a thing of a kit goes: on the belt where mid-job work uses it; else where it was moved to, or lives,
 * though in the pack where it would hang on the belt for nothing.
 */
export function placeIn(solution: KitSolution, { hung }: Carrying, item: number): CarryPlace {
  const { place, hangs } = solution.items[item]!;
  if (hung.has(item)) return 'pouch';
  const isIdle = place === 'pouch' && hangs === 'may' && solution.needs.some(isFromBelt);
  return isIdle ? 'pack' : place;
}

/** The quickest way to serve a need with a kit; null where it cannot. */
export function wayWith(need: SolvedNeed, { carried, hung }: Carrying): KitLabel | null {
  const there = isFromBelt(need) ? hung : carried;
  return need.labels.find(({ items }) => items.every((i) => there.has(i))) ?? null;
}

/**
 * What a need counts in its evening when it goes unserved (min): its slowest way, so that leaving a thing at
 * home never seems to save an evening.
 */
export function unservedMinutes({ labels }: SolvedNeed): number {
  return labels.at(-1)?.minutes ?? 0;
}

/** A kit in sum. */
export interface KitTotals {
  grams: number;
  /** Expected minutes of all that it serves. */
  minutes: number;
  waterMl: number;
  /** Minutes of each evening, by day; what goes unserved counts as the slowest way to serve it. */
  evenings: number[];
  /** Needs that it does not serve. */
  unserved: SolvedNeed[];
}

export function kitTotals(solution: KitSolution, carried: ReadonlySet<number>): KitTotals {
  const { items, needs } = solution;
  const kit = carrying(solution, carried);
  const totals: KitTotals = { grams: 0, minutes: 0, waterMl: 0, evenings: [], unserved: [] };
  for (const i of carried) totals.grams += items[i]!.massG;
  for (const need of needs) {
    const way = wayWith(need, kit);
    const minutes = way?.minutes ?? unservedMinutes(need);
    need.perEvening.forEach((count, day) => {
      totals.evenings[day] = (totals.evenings[day] ?? 0) + count * minutes;
    });
    if (!way) totals.unserved.push(need);
    else {
      totals.minutes += need.count * way.minutes;
      totals.waterMl += need.count * way.waterMl;
    }
  }
  return totals;
}

/** What one evening is made of: each need with its minutes there, the longest first. */
export function eveningWork(
  { needs }: KitSolution,
  kit: Carrying,
  day: number,
): { need: SolvedNeed; minutes: number }[] {
  return needs
    .map((need) => {
      const minutes = wayWith(need, kit)?.minutes ?? unservedMinutes(need);
      return { need, minutes: (need.perEvening[day] ?? 0) * minutes };
    })
    .filter(({ minutes }) => minutes > 0)
    .sort((a, b) => b.minutes - a.minutes);
}

/** Expected minutes of a kit, with the loss for what it does not serve: what the frontier goes by. */
export function kitCost(solution: KitSolution, carried: ReadonlySet<number>): number {
  const kit = carrying(solution, carried);
  return sum(
    solution.needs,
    (need) => need.count * (wayWith(need, kit)?.minutes ?? UNSERVED_MINUTES),
  );
}

/** What one thing is worth to a kit: the minutes that leaving it out costs, or taking it saves. */
export function thingPrice(
  solution: KitSolution,
  carried: ReadonlySet<number>,
  item: number,
): KitPrice {
  const other = new Set(carried);
  if (other.has(item)) other.delete(item);
  else other.add(item);
  return carried.has(item)
    ? kitPrice(solution, other, carried)
    : kitPrice(solution, carried, other);
}

/** What a step of the frontier buys, or gives up: minutes of what both kits serve, and needs that one alone does. */
export function stepPrice(solution: KitSolution, { from, to, grams }: KitStep): KitPrice {
  const [less, more] = grams < 0 ? [to, from] : [from, to];
  return kitPrice(solution, new Set(less.items), new Set(more.items));
}

/** What one kit does more than another: the minutes it saves on what both serve, and what it serves alone. */
export interface KitPrice {
  minutes: number;
  unserved: SolvedNeed[];
}

function kitPrice(
  solution: KitSolution,
  lessCarried: ReadonlySet<number>,
  moreCarried: ReadonlySet<number>,
): KitPrice {
  const [less, more] = [carrying(solution, lessCarried), carrying(solution, moreCarried)];
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

/**
 * The place among some points of the best trade: the least of grams, and minutes with losses at what a minute
 * is worth (g/min); of equals the lighter.
 */
export function bestTrade(points: readonly FrontierPoint[], gramsPerMinute: number): number {
  const prices = points.map(({ grams, minutes }) => grams + gramsPerMinute * minutes);
  return Math.max(0, prices.indexOf(Math.min(...prices)));
}

/** What changes between two kits. */
export interface KitStep {
  from: FrontierPoint;
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
    from,
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
