import { mean, sum } from 'd3-array';
import { notNegative, positive } from '../check';
import { lowestCount } from './lowestCount';

/** One reading on a strop: strokes over both sides so far on this surface, and grams on the tester. */
export interface StropReading {
  strokes: number;
  grams: number;
}

/** The curve through a series: g(n) = c + A·exp(−n/τ) + B·n, in grams. */
export interface StropFit {
  keenG: number;
  burrG: number;
  tau: number;
  roundingGPerStroke: number;
}

export type StropSeries =
  /** Too few counts for a curve: only what has changed since the first reading can be said. */
  | { verdict: 'too-few'; countsMissing: number; change: 'keener' | 'duller' | 'none' }
  /** The readings are told from a constant by less than their noise. */
  | { verdict: 'no-effect'; meanG: number }
  | {
      verdict: 'keep-going' | 'stop' | 'past-it';
      fit: StropFit;
      /** Where the curve is lowest; only a lower bound where that lies beyond the last reading. */
      bestStrokes: number;
      isLowerBound: boolean;
      /** Strokes done beyond the best; 0 unless past it. */
      strokesPast: number;
      /** What more strokes would still gain, and what those past the best have cost (g). */
      gainToComeG: number;
      lostG: number;
    };

/** Counts without which three parameters and a decay cannot be told apart. */
const COUNTS_NEEDED = 5;
/** The fit must beat a constant by this many noises squared. */
const BEATS_CONSTANT = 6;
const LEAST_TAU = 2;
const MOST_TAU = 80;
const TAUS_SCANNED = 60;

/**
 * Judges the readings of one strop surface, never of two: improving, at its best, past it, or told
 * from nothing. `noiseGrams` is the spread of one reading.
 *
 * Throws a `RangeError` on negative strokes or grams, without noise, or without readings.
 */
export function analyseStropSeries(input: {
  readings: readonly StropReading[];
  noiseGrams: number;
}): StropSeries {
  const noiseG = positive(input.noiseGrams, 'noiseGrams');
  if (input.readings.length === 0) throw new RangeError('readings must hold at least one reading');
  const readings = [...input.readings].sort((a, b) => a.strokes - b.strokes);
  for (const { strokes, grams } of readings) {
    notNegative(strokes, 'strokes');
    positive(grams, 'grams');
  }
  const counts = new Set(readings.map(({ strokes }) => strokes)).size;
  if (counts < COUNTS_NEEDED) {
    const change = changeOf(readings, noiseG);
    return { verdict: 'too-few', countsMissing: COUNTS_NEEDED - counts, change };
  }

  const meanG = mean(readings, ({ grams }) => grams)!;
  const flat = sum(readings, ({ grams }) => (grams - meanG) ** 2);
  const { fit, error } = fitted(readings);
  if (flat - error < BEATS_CONSTANT * noiseG ** 2) return { verdict: 'no-effect', meanG };

  const last = readings.at(-1)!.strokes;
  const lowest = lowestCount(fit.burrG, fit.roundingGPerStroke, fit.tau);
  const gramsAt = (strokes: number): number => stropGrams(fit, strokes);
  const isLowerBound = lowest > last;
  const lostG = isLowerBound ? 0 : gramsAt(last) - gramsAt(lowest);
  const gainToComeG = isLowerBound ? gramsAt(last) - endG(fit, lowest) : 0;
  const verdict = lostG > 2 * noiseG ? 'past-it' : gainToComeG < noiseG ? 'stop' : 'keep-going';
  return {
    verdict,
    fit,
    bestStrokes: Number.isFinite(lowest) ? lowest : last,
    isLowerBound,
    strokesPast: verdict === 'past-it' ? last - lowest : 0,
    gainToComeG,
    lostG,
  };
}

/** Grams that the curve says after so many strokes. */
export function stropGrams(fit: StropFit, strokes: number): number {
  return fit.keenG + fit.burrG * Math.exp(-strokes / fit.tau) + fit.roundingGPerStroke * strokes;
}

/** The difference of two readings spreads √2 times as wide as one of them. */
function changeOf(readings: readonly StropReading[], noiseG: number): 'keener' | 'duller' | 'none' {
  const change = readings.at(-1)!.grams - readings[0]!.grams;
  if (Math.abs(change) <= Math.SQRT2 * noiseG) return 'none';
  return change < 0 ? 'keener' : 'duller';
}

function endG(fit: StropFit, lowest: number): number {
  return Number.isFinite(lowest) ? stropGrams(fit, lowest) : fit.keenG;
}

interface Fitted {
  fit: StropFit;
  error: number;
}

/** The best curve by least squares: τ scanned evenly in its logarithm, then refined about the best. */
function fitted(readings: readonly StropReading[]): Fitted {
  const ratio = (MOST_TAU / LEAST_TAU) ** (1 / TAUS_SCANNED);
  const scanned = Array.from({ length: TAUS_SCANNED + 1 }, (_, i) => LEAST_TAU * ratio ** i);
  const best = least(scanned.map((tau) => fittedWith(readings, tau)));
  let [low, high] = [best.fit.tau / ratio, best.fit.tau * ratio];
  let found = best;
  while (high / low > 1.0001) {
    const third = (high / low) ** (1 / 3);
    const [a, b] = [fittedWith(readings, low * third), fittedWith(readings, high / third)];
    if (a.error < b.error) high /= third;
    else low *= third;
    found = least([found, a, b]);
  }
  return found;
}

function least(found: readonly Fitted[]): Fitted {
  return found.reduce((best, each) => (each.error < best.error ? each : best));
}

/** With τ given the curve is linear in c, A and B; of A and B neither may be negative. */
function fittedWith(readings: readonly StropReading[], tau: number): Fitted {
  const decay = readings.map(({ strokes }) => Math.exp(-strokes / tau));
  const count = readings.map(({ strokes }) => strokes);
  const grams = readings.map((reading) => reading.grams);
  const candidates = [[decay, count], [decay], [count], []].map((columns) => {
    const solved = leastSquares(columns, grams);
    const [of = 0, beside = 0] = solved.slopes;
    const hasDecay = columns[0] === decay;
    return {
      fit: {
        keenG: solved.intercept,
        burrG: hasDecay ? of : 0,
        tau,
        roundingGPerStroke: hasDecay ? beside : of,
      },
      error: solved.error,
    };
  });
  const allowed = candidates.filter(({ fit }) => fit.burrG >= 0 && fit.roundingGPerStroke >= 0);
  return least(allowed);
}

/** Ordinary least squares with an intercept, for at most two columns. */
function leastSquares(
  columns: readonly (readonly number[])[],
  values: readonly number[],
): { intercept: number; slopes: number[]; error: number } {
  const product = (a: readonly number[], b: readonly number[]): number =>
    sum(a, (x, i) => x * b[i]!);
  const means = columns.map((column) => mean(column)!);
  const centred = columns.map((column, k) => column.map((x) => x - means[k]!));
  const meanValue = mean(values)!;
  const offsets = values.map((value) => value - meanValue);
  const slopes = solved(
    centred.map((a) => centred.map((b) => product(a, b))),
    centred.map((a) => product(a, offsets)),
  );
  const intercept = meanValue - sum(slopes, (slope, k) => slope * means[k]!);
  const error = sum(offsets, (offset, i) => {
    const said = sum(slopes, (slope, k) => slope * centred[k]![i]!);
    return (offset - said) ** 2;
  });
  return { intercept, slopes, error };
}

/** Cramer's rule for no, one or two unknowns; zeros where the columns say the same. */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): number[] {
  if (right.length === 0) return [];
  if (right.length === 1) return [matrix[0]![0] === 0 ? 0 : right[0]! / matrix[0]![0]!];
  const [[a, b], [c, d]] = matrix as unknown as [[number, number], [number, number]];
  const [p, q] = right as [number, number];
  const determinant = a * d - b * c;
  if (Math.abs(determinant) < 1e-12 * a * d) return [0, 0];
  return [(p * d - b * q) / determinant, (a * q - c * p) / determinant];
}
