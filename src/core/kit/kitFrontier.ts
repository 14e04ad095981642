import { sum } from 'd3-array';
import { chooseBelt, type Belt, type BeltChoice } from './chooseBelt';
import type { KitLabel } from './paretoLadders';
import { PRIORS } from '../priors';

/** A need as the frontier sees it: how often it comes, and the ways to serve it. */
export interface WeighedNeed {
  count: number;
  labels: readonly Pick<KitLabel, 'items' | 'minutes'>[];
  /** Whether it has to be met from the belt; not where nothing is said. */
  fromBelt?: boolean;
}

/** One kit that no other betters: nothing is lighter and as quick. */
export interface FrontierPoint {
  /** Indices of the items carried, rising. */
  items: number[];
  grams: number;
  /** Expected minutes, with the loss for what it does not serve. */
  minutes: number;
}

export interface KitFrontier {
  /** Lightest first; the first one carries what is held in and nothing else. */
  points: FrontierPoint[];
  /** Whether the search has ended: until then a point may still be bettered. */
  proven: boolean;
}

/** What a need that the kit cannot serve costs (min), each time that it comes. */
export const UNSERVED_MINUTES = PRIORS.unservedMinutes.value;

/**
 * Of kits that are as light and as quick, the one with fewer things counts, then the earlier ones: each
 * thing costs this much (min), rising by a root that makes no two sums alike.
 */
const TIE_MINUTES = 1e-7;
/** A heavier kit is quicker by more than all ties together (min), or it is none of the frontier. */
const LEAST_GAIN_MINUTES = 1e-4;
/** Costs closer than this (min) are the same. */
const SAME_MINUTES = 1e-12;

/**
 * All kits of which none is lighter and as quick as another, exact: branch and bound over sets of items.
 * A node carries some things and may still take others; it is given up where for no gap of the frontier
 * the ways that it may still take, with the grams that they add, could better a point. Where the belt has
 * no room for all that mid-job work would use, a node is priced by its best choice for the belt, and the
 * search goes on over what else could hang there. `onPoints` hears of the frontier as it is so far and of
 * the share that is searched, now and then.
 */
// eslint-disable-next-line max-lines-per-function -- one dynamic programme: its parts share their arrays
export function kitFrontier(input: {
  needs: readonly WeighedNeed[];
  /** Weight of each item, in whole numbers of any unit: that of the points' `grams`. */
  masses: readonly number[];
  held: readonly number[];
  keptOut: readonly number[];
  /** The belt, in the unit of the masses; room for everything where nothing is said. */
  belt?: Belt;
  lossMinutes?: number;
  onPoints?: (frontier: KitFrontier, share: number) => void;
}): KitFrontier {
  const { masses, held, keptOut, lossMinutes = UNSERVED_MINUTES, onPoints = () => {} } = input;
  const { belt = ROOMY_BELT } = input;
  const out = new Set(keptOut);
  const needs = merged(input.needs)
    .filter(({ count }) => count > 0)
    .map(({ count, labels, fromBelt }) => ({
      count,
      fromBelt,
      labels: labels
        .filter(({ items, minutes }) => minutes < lossMinutes && !items.some((i) => out.has(i)))
        .sort((a, b) => a.minutes - b.minutes),
    }));
  const tie = masses.map((_, i) => TIE_MINUTES * (1 + Math.sqrt(i + 2) / 100));
  const useful = new Set(needs.flatMap(({ labels }) => labels.flatMap(({ items }) => items)));
  const carried = new Uint8Array(masses.length);
  for (const i of held) carried[i] = 1;
  const front = new Front();
  const gramsOf = (): number => sum(masses, (g, i) => (carried[i] ? g : 0));
  const costOf = (own: readonly WeighedNeed[]): number => {
    let cost = 0;
    for (let i = 0; i < masses.length; i += 1) if (carried[i]) cost += tie[i]!;
    for (const { count, labels, fromBelt } of own) {
      if (fromBelt) continue;
      const best = labels.find(({ items }) => items.every(isCarried));
      cost += count * (best?.minutes ?? lossMinutes);
    }
    return cost + hanging(own).minutes;
  };
  const isCarried = (i: number): boolean => carried[i] === 1;
  const hanging = (own: readonly WeighedNeed[]): BeltChoice =>
    chooseBelt({
      needs: own.filter(({ fromBelt }) => fromBelt),
      isCarried,
      masses,
      belt,
      lossMinutes,
    });
  const note = (own: readonly WeighedNeed[], grams: number): void =>
    front.add({ grams, cost: costOf(own), carried });

  let nodes = 0;
  greedy();
  onPoints({ points: front.points(tie), proven: false }, 0);
  search(needs, gramsOf(), 0, 1);
  const found = { points: front.points(tie), proven: true };
  onPoints(found, 1);
  return found;

  /** From everything, the thing that costs least a gram goes first: a frontier to begin with. */
  function greedy(): void {
    const all = [...useful].filter((i) => !carried[i]);
    for (const i of all) carried[i] = 1;
    note(needs, gramsOf());
    while (all.length > 0) {
      const worth = all.map((i) => {
        carried[i] = 0;
        const cost = costOf(needs) / masses[i]!;
        carried[i] = 1;
        return cost;
      });
      const [least] = all.splice(worth.indexOf(Math.min(...worth)), 1);
      carried[least!] = 0;
      note(needs, gramsOf());
    }
  }

  /** Everything below one node: what is carried, and ways that may still be taken. */
  function search(own: readonly WeighedNeed[], grams: number, from: number, to: number): void {
    nodes += 1;
    if (nodes % 2048 === 0) {
      onPoints({ points: front.points(tie), proven: false }, from);
    }
    if (!front.mayBetter(own, carried, masses, grams, lossMinutes)) return;
    const next = branchItem(own) ?? beltItem(own);
    if (next === null) return;
    const middle = (from + to) / 2;
    carried[next] = 1;
    note(own, grams + masses[next]!);
    search(own, grams + masses[next]!, from, middle);
    carried[next] = 0;
    search(
      own.map(({ count, labels, fromBelt }) => ({
        count,
        fromBelt,
        labels: labels.filter(({ items }) => !items.includes(next)),
      })),
      grams,
      middle,
      to,
    );
  }

  /** The thing that the best ways miss most, for its grams; null where they miss nothing. */
  function branchItem(own: readonly WeighedNeed[]): number | null {
    const gains = new Map<number, number>();
    for (const { count, labels } of own) {
      const best = labels[0];
      if (!best) continue;
      const present = labels.find(({ items }) => items.every(isCarried));
      const gain = count * ((present?.minutes ?? lossMinutes) - best.minutes) + TIE_MINUTES;
      for (const i of best.items) if (!carried[i]) gains.set(i, (gains.get(i) ?? 0) + gain);
    }
    let next: number | null = null;
    let most = -1;
    for (const [i, gain] of gains) {
      if (gain / masses[i]! > most) {
        most = gain / masses[i]!;
        next = i;
      }
    }
    return next;
  }

  /** Another thing that could hang on a belt that is full; null where there is room, or nothing else. */
  function beltItem(own: readonly WeighedNeed[]): number | null {
    if (!hanging(own).isFull) return null;
    for (const { labels, fromBelt } of own) {
      if (!fromBelt) continue;
      for (const { items } of labels) {
        const missing = items.find((i) => !carried[i]);
        if (missing !== undefined) return missing;
      }
    }
    return null;
  }
}

const ROOMY_BELT: Belt = { mostMass: Infinity, always: [] };

/** Needs with the same ways count as one that comes as often as all of them. */
function merged(needs: readonly WeighedNeed[]): WeighedNeed[] {
  const found = new Map<string, WeighedNeed>();
  for (const { count, labels, fromBelt = false } of needs) {
    const key = JSON.stringify([fromBelt, labels.map(({ items, minutes }) => [items, minutes])]);
    found.set(key, { count: count + (found.get(key)?.count ?? 0), labels, fromBelt });
  }
  return [...found.values()];
}

/** The points found so far, lightest first, none bettered by another. */
class Front {
  private grams: number[] = [];
  private costs: number[] = [];
  private sets: Uint8Array[] = [];

  add({ grams, cost, carried }: { grams: number; cost: number; carried: Uint8Array }): void {
    // The first point that is not lighter.
    let at = 0;
    while (at < this.grams.length && this.grams[at]! < grams) at += 1;
    if (at > 0 && this.costs[at - 1]! <= cost + LEAST_GAIN_MINUTES) return;
    if (this.grams[at] === grams && this.costs[at]! <= cost + SAME_MINUTES) return;
    let end = this.grams[at] === grams ? at + 1 : at;
    while (end < this.grams.length && this.costs[end]! >= cost - LEAST_GAIN_MINUTES) end += 1;
    this.grams.splice(at, end - at, grams);
    this.costs.splice(at, end - at, cost);
    this.sets.splice(at, end - at, carried.slice());
  }

  /**
   * Whether a kit that carries these things, and takes ways from these labels, could better a point: for
   * each gap, the ways that add less than the grams of the next point, each at its own grams alone.
   */
  mayBetter(
    needs: readonly WeighedNeed[],
    carried: Uint8Array,
    masses: readonly number[],
    grams: number,
    lossMinutes: number,
  ): boolean {
    const { grams: points, costs } = this;
    let first = 0;
    while (first + 1 < points.length && points[first + 1]! <= grams) first += 1;
    const bounds = new Float64Array(points.length);
    for (const { count, labels } of needs) {
      // Ways come quickest first: each next gap, wider by grams, takes an earlier one.
      let last = points.length - 1;
      for (const { items, minutes } of labels) {
        let extra = 0;
        for (const i of items) if (!carried[i]) extra += masses[i]!;
        while (last >= first && (last + 1 >= points.length || grams + extra < points[last + 1]!)) {
          bounds[last]! += count * minutes;
          last -= 1;
        }
        if (last < first) break;
      }
      for (; last >= first; last -= 1) bounds[last]! += count * lossMinutes;
    }
    for (let gap = first; gap < points.length; gap += 1) {
      if (bounds[gap]! < costs[gap]! - SAME_MINUTES) return true;
    }
    return false;
  }

  /** The points, their minutes without what told ties apart. */
  points(tie: readonly number[]): FrontierPoint[] {
    return this.grams.map((grams, at) => {
      const items = tie.flatMap((_, i) => (this.sets[at]![i] ? [i] : []));
      const ties = sum(items, (i) => tie[i]!);
      return { items, grams, minutes: this.costs[at]! - ties };
    });
  }
}
