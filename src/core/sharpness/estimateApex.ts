import { sum } from 'd3-array';
import type { EdgeTest } from '../../domain/session';
import type { EdgeTestKind } from '../../domain/terms';
import { positive } from '../check';
import { apexFromGrams, readingNoiseG } from './grams';
import { PRIORS } from '../priors';
import { TEST_CENTRE_UM } from './testCentres';

/** The finest test that an edge passes, or a reading of the force tester. */
export type TestReading = { test: EdgeTestKind } | { grams: number };

/** Apex radius in µm: the median and the 16 to 84 % range. */
export interface ApexEstimate {
  apexRadiusUm: number;
  lowUm: number;
  highUm: number;
  sdLn: number;
}

/**
 * Combines readings of one stretch of edge by inverse variance in ln r; readings that disagree by
 * more than their spread (χ² per degree of freedom above 1) widen the range by its root.
 *
 * Throws a `RangeError` without readings.
 */
export function estimateApex(input: { tests: readonly TestReading[] }): ApexEstimate {
  if (input.tests.length === 0) throw new RangeError('tests must hold at least one reading');
  const readings = input.tests.map(lnReading);
  const weight = sum(readings.map(({ sd }) => 1 / sd ** 2));
  const mean = sum(readings.map(({ ln, sd }) => ln / sd ** 2)) / weight;
  const chiSquared = sum(readings.map(({ ln, sd }) => ((ln - mean) / sd) ** 2));
  const freedom = readings.length - 1;
  const widening = freedom > 0 ? Math.sqrt(Math.max(1, chiSquared / freedom)) : 1;
  const sdLn = widening / Math.sqrt(weight);
  return {
    apexRadiusUm: Math.exp(mean),
    lowUm: Math.exp(mean - sdLn),
    highUm: Math.exp(mean + sdLn),
    sdLn,
  };
}

/** A kept test as a reading. */
export function testReading({ test, grams }: Pick<EdgeTest, 'test' | 'grams'>): TestReading {
  return test === null ? { grams: grams! } : { test };
}

function lnReading(reading: TestReading): { ln: number; sd: number } {
  if ('test' in reading)
    return { ln: Math.log(TEST_CENTRE_UM[reading.test]), sd: PRIORS.testSdLn.value };
  const grams = positive(reading.grams, 'grams');
  const r = apexFromGrams({ grams });
  const noiseG = readingNoiseG({ test: null, grams });
  // d ln r / d g = 1.25 / (g − 50), with the excess kept at the floor where it would vanish.
  const overG = Math.max(grams - 50, 150 * 0.05 ** 0.8);
  return { ln: Math.log(r), sd: (1.25 * noiseG) / overG };
}
