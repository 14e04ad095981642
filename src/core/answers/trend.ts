/** Which way a row of values goes, oldest first. */
export type Trend = 'rising' | 'falling';

/** Fewer values than this show no trend, however they lie. */
const FEWEST = 4;
/** One row in ten without a trend reaches this by chance (one-sided normal). */
const Z_OF_ONE_IN_TEN = 1.2816;

/**
 * Mann and Kendall's test on values in their order: a trend where fewer than one row in ten without any
 * would look so; null for the rest, and below four values.
 */
export function trendOf(values: readonly number[]): Trend | null {
  const n = values.length;
  if (n < FEWEST) return null;
  let s = 0;
  values.forEach((value, i) => {
    for (let j = 0; j < i; j += 1) s += Math.sign(value - values[j]!);
  });
  const sd = Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18);
  // One is taken off for continuity.
  const z = (Math.abs(s) - 1) / sd;
  if (z < Z_OF_ONE_IN_TEN) return null;
  return s > 0 ? 'rising' : 'falling';
}
