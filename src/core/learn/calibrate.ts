import { positive } from '../check';

/** How far a person's log stands from the prediction, as a factor with its spread. */
export interface Calibration {
  /** Actual over predicted. */
  factor: number;
  /** Standard deviation of ln(factor). */
  sdLn: number;
}

/**
 * Conjugate normal update of ln(actual/predicted), from a prior around 1. No ratios leave the prior
 * as it is. Throws a `RangeError` on a ratio or a spread that is not positive.
 */
export function calibrate(input: {
  priorSd: number;
  observationSd: number;
  ratios: readonly number[];
}): Calibration {
  const priorWeight = 1 / positive(input.priorSd, 'priorSd') ** 2;
  const eachWeight = 1 / positive(input.observationSd, 'observationSd') ** 2;
  const sum = input.ratios.reduce((total, r) => total + Math.log(positive(r, 'ratios')), 0);
  const weight = priorWeight + input.ratios.length * eachWeight;
  return { factor: Math.exp((sum * eachWeight) / weight), sdLn: 1 / Math.sqrt(weight) };
}
