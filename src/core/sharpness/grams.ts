import type { EdgeTest } from '../../domain/session';
import { positive } from '../check';
import { apexAt, gramsAt, USUAL_TESTER } from './tester';
import { PRIORS } from '../priors';
import { TEST_CENTRE_UM } from './testCentres';

/** Finest apex radius (µm) that a reading is taken for. */
const FINEST_UM = 0.05;

/** Grams-force to part the test filament at an apex radius (µm), by the usual tester. */
export function gramsFromApex(input: { apexRadiusUm: number }): number {
  return gramsAt(USUAL_TESTER, positive(input.apexRadiusUm, 'apexRadiusUm'));
}

/** Apex radius (µm) behind a reading of the usual tester in grams-force, never below 0.05. */
export function apexFromGrams(input: { grams: number }): number {
  return Math.max(FINEST_UM, apexAt(USUAL_TESTER, positive(input.grams, 'grams')));
}

type Reading = Pick<EdgeTest, 'test' | 'grams'>;

/** What a reading says in grams-force; a test of paper or hair by the centre of its radii. */
export function gramsOf({ test, grams }: Reading): number {
  return grams ?? gramsFromApex({ apexRadiusUm: TEST_CENTRE_UM[test!] });
}

/** Spread of one reading (g): the tester's own, 10 g or a tenth; of a test by that of its radius. */
export function readingNoiseG(reading: Reading): number {
  const grams = gramsOf(reading);
  // d g / d ln r = 0.8 · (g − rest)
  return reading.grams === null
    ? 0.8 * (grams - USUAL_TESTER.restG) * PRIORS.testSdLn.value
    : Math.max(10, 0.1 * grams);
}

/** The apex radius (µm) that one reading stands for. */
export function readingApexUm({ test, grams }: Reading): number {
  return grams === null ? TEST_CENTRE_UM[test!] : apexFromGrams({ grams });
}
