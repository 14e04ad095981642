import { sum } from 'd3-array';
import { positive } from '../check';

/** How far a person's log stands from the prediction, as a factor with its spread. */
export interface Calibration {
  /** Actual over predicted. */
  factor: number;
  /** Standard deviation of ln(factor). */
  sdLn: number;
}

/** Ratios of actual over predicted, as the sum that is left of them. */
export interface RatioSum {
  count: number;
  /** Sum of ln(ratio). */
  sumLn: number;
}

/** Throws a `RangeError` on a ratio that is not positive. */
function ratioSum(ratios: readonly number[]): RatioSum {
  const sumLn = sum(ratios, (r) => Math.log(positive(r, 'ratios')));
  return { count: ratios.length, sumLn };
}

/**
 * Conjugate normal update of ln(actual/predicted), from a prior around 1. No ratios leave the prior
 * as it is. Throws a `RangeError` on a ratio or a spread that is not positive.
 */
export function calibrate(input: {
  priorSd: number;
  observationSd: number;
  ratios: readonly number[] | RatioSum;
}): Calibration {
  const { ratios } = input;
  const priorWeight = 1 / positive(input.priorSd, 'priorSd') ** 2;
  const eachWeight = 1 / positive(input.observationSd, 'observationSd') ** 2;
  const { count, sumLn } = 'count' in ratios ? ratios : ratioSum(ratios);
  const weight = priorWeight + count * eachWeight;
  return { factor: Math.exp((sumLn * eachWeight) / weight), sdLn: 1 / Math.sqrt(weight) };
}
