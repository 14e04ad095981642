import { sum } from 'd3-array';

/** Which way a row of values goes, oldest first. */
export type Trend = 'rising' | 'falling';

/** A trend is said where no more than so large a share of rows without one would look so, either way. */
const CHANCE = 0.1;
/** Up to so many values the distribution is counted out; beyond, it is normal enough. */
const COUNTED_UP_TO = 10;
/** Two-sided one in ten of a normal. */
const Z = 1.6449;

/**
 * Mann and Kendall's test on values in their order; null where a row without any trend would look so more often
 * than one time in ten. Fewer than four values never show one.
 */
export function trendOf(values: readonly number[]): Trend | null {
  const n = values.length;
  const s = sum(values, (value, i) =>
    sum(values.slice(0, i), (earlier) => Math.sign(value - earlier)),
  );
  const isTrend =
    n <= COUNTED_UP_TO
      ? chanceOf(n, Math.abs(s)) <= CHANCE
      : // One is taken off for continuity.
        (Math.abs(s) - 1) / Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18) >= Z;
  if (!isTrend || s === 0) return null;
  return s > 0 ? 'rising' : 'falling';
}

/** The chance that |S| is so large or larger in a random order of n values: exact, by counting inversions. */
function chanceOf(n: number, s: number): number {
  // inversions[k]: how many orders of the values so far have k pairs the wrong way round.
  let inversions = [1];
  for (let size = 2; size <= n; size += 1) {
    const next = Array<number>(inversions.length + size - 1).fill(0);
    inversions.forEach((orders, k) => {
      for (let more = 0; more < size; more += 1) next[k + more]! += orders;
    });
    inversions = next;
  }
  const pairs = (n * (n - 1)) / 2;
  const far = sum(inversions, (orders, k) => (Math.abs(pairs - 2 * k) >= s ? orders : 0));
  return far / sum(inversions);
}
