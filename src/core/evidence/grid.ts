import { bell } from './normal';

/** Values of ln(factor) at which what is learned is held: factors from 1/12 to 12. */
const FARTHEST = 2.5;
const STEP = 0.05;
export const LN_FACTORS: readonly number[] = Array.from(
  { length: Math.round((2 * FARTHEST) / STEP) + 1 },
  (_, i) => -FARTHEST + i * STEP,
);

/** A weight for each of `LN_FACTORS`. */
export type OnGrid = Float64Array;

/** A function of ln(factor) on the grid. */
export function onGrid(of: (lnFactor: number) => number): OnGrid {
  return Float64Array.from(LN_FACTORS, of);
}

/** A normal on the grid. */
export function normalOnGrid(mean: number, sd: number): OnGrid {
  return onGrid((ln) => bell(ln, mean, sd));
}

/** The product of weights, point by point, scaled so that its largest is 1 and nothing runs out of digits. */
export function product(all: readonly OnGrid[]): OnGrid {
  const result = onGrid(() => 1);
  for (const weights of all) {
    let most = 0;
    for (let i = 0; i < result.length; i += 1) {
      result[i]! *= weights[i]!;
      most = Math.max(most, result[i]!);
    }
    if (most > 0) for (let i = 0; i < result.length; i += 1) result[i]! /= most;
  }
  return result;
}

/** Weights blurred by a normal of this spread: what is known of x + noise where they are known of x. */
export function blurred(weights: OnGrid, sd: number): OnGrid {
  const kernel = kernelOf(sd);
  const last = weights.length - 1;
  const result = onGrid(() => 0);
  for (let i = 0; i <= last; i += 1) {
    const weight = weights[i]!;
    if (weight === 0) continue;
    for (let j = 0; j <= last; j += 1) result[j]! += weight * kernel[last + j - i]!;
  }
  return result;
}

const kernels = new Map<number, Float64Array>();

/** The normal's weight at every distance between two points of the grid, from the farthest below on. */
function kernelOf(sd: number): Float64Array {
  const known = kernels.get(sd);
  if (known) return known;
  const last = LN_FACTORS.length - 1;
  const made = Float64Array.from({ length: 2 * last + 1 }, (_, i) =>
    bell((i - last) * STEP, 0, sd),
  );
  kernels.set(sd, made);
  return made;
}

/** The value on the grid at any ln(factor), by a straight line between its points; at its ends beyond them. */
export function valueAt(weights: OnGrid, lnFactor: number): number {
  const last = weights.length - 1;
  const place = (lnFactor + FARTHEST) / STEP;
  if (place <= 0) return weights[0]!;
  if (place >= last) return weights[last]!;
  const below = place | 0;
  return weights[below]! + (place - below) * (weights[below + 1]! - weights[below]!);
}

/** Mean and spread of ln(factor) under weights. */
export function moments(weights: OnGrid): { meanLn: number; sdLn: number } {
  let sum = 0;
  let first = 0;
  let second = 0;
  for (let i = 0; i < weights.length; i += 1) {
    sum += weights[i]!;
    first += weights[i]! * LN_FACTORS[i]!;
    second += weights[i]! * LN_FACTORS[i]! ** 2;
  }
  const meanLn = first / sum;
  // Never narrower than the grid can tell.
  return { meanLn, sdLn: Math.sqrt(Math.max(second / sum - meanLn ** 2, (STEP / 4) ** 2)) };
}
