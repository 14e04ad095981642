import { sum } from 'd3-array';

/** A need that has to be met in mid-job, and the ways to serve it, quickest first. */
export interface BeltNeed {
  count: number;
  labels: readonly { items: readonly number[]; minutes: number }[];
}

/** How much the belt takes, in the unit of the masses, and what hangs there whatever else does. */
export interface Belt {
  mostMass: number;
  always: readonly number[];
}

/** What hangs on the belt, and what mid-job work costs with it. */
export interface BeltChoice {
  hung: Set<number>;
  /** Expected minutes in mid-job, with the loss for what goes unserved. */
  minutes: number;
  /** Whether the belt has no room for what would be quickest. */
  isFull: boolean;
}

/**
 * Of the things that are carried, those that hang on the belt: what mid-job work is quickest with, within
 * what the belt takes; of equals the lighter. Exact: every set that fits is weighed, unless all that would
 * be used has room.
 */
export function chooseBelt(input: {
  needs: readonly BeltNeed[];
  isCarried: (item: number) => boolean;
  masses: readonly number[];
  belt: Belt;
  lossMinutes: number;
}): BeltChoice {
  const { needs, isCarried, masses, belt, lossMinutes } = input;
  const always = belt.always.filter(isCarried);
  const open = needs.map(({ count, labels }) => ({
    count,
    labels: labels.filter(({ items }) => items.every(isCarried)),
  }));
  const wanted = new Set(always);
  for (const { labels } of open) for (const i of labels[0]?.items ?? []) wanted.add(i);
  const massOf = (items: Iterable<number>): number => sum(items, (i) => masses[i]!);
  const minutesWith = (has: (item: number) => boolean): number =>
    sum(open, ({ count, labels }) => {
      const way = labels.find(({ items }) => items.every(has));
      return count * (way?.minutes ?? lossMinutes);
    });
  if (massOf(wanted) <= belt.mostMass) {
    return { hung: wanted, minutes: minutesWith((i) => wanted.has(i)), isFull: false };
  }
  const used = new Set(open.flatMap(({ labels }) => labels.flatMap(({ items }) => items)));
  const others = [...used].filter((i) => !always.includes(i)).sort((a, b) => a - b);
  let best: BeltChoice = {
    hung: new Set(always),
    minutes: minutesWith((i) => always.includes(i)),
    isFull: true,
  };
  const hung = new Set(always);
  const walk = (at: number, mass: number): void => {
    const minutes = minutesWith((i) => hung.has(i));
    const isBetter =
      minutes < best.minutes - SAME_MINUTES ||
      (minutes < best.minutes + SAME_MINUTES && mass < massOf(best.hung));
    if (isBetter) best = { hung: new Set(hung), minutes, isFull: true };
    if (at === others.length) return;
    const ahead = new Set(others.slice(at));
    if (minutesWith((i) => hung.has(i) || ahead.has(i)) > best.minutes + SAME_MINUTES) return;
    for (let next = at; next < others.length; next += 1) {
      const item = others[next]!;
      if (mass + masses[item]! > belt.mostMass) continue;
      hung.add(item);
      walk(next + 1, mass + masses[item]!);
      hung.delete(item);
    }
  };
  walk(0, massOf(always));
  return best;
}

/** Minutes closer than this are the same. */
const SAME_MINUTES = 1e-9;
