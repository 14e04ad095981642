import { mean } from 'd3-array';
import type { Spread } from './types';

/** 16, 50 and 84 % of some values, and their mean; the values are sorted in their place. */
export function spreadOf(values: Float64Array): Spread {
  const first = values[0] ?? 0;
  // A day without work is the same in all runs, and needs no order.
  if (values.every((value) => value === first)) {
    return { low: first, median: first, high: first, mean: first };
  }
  const all = mean(values)!;
  values.sort();
  const at = (portion: number): number =>
    values[Math.min(values.length - 1, Math.floor(portion * values.length))] ?? 0;
  return { low: at(0.16), median: at(0.5), high: at(0.84), mean: all };
}
