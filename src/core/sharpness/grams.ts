import type { EdgeTest } from '../../domain/session';
import { positive } from '../check';
import { TEST_CENTRE_UM, TEST_SD } from './testCentres';

/** Grams-force to part the test filament at an apex radius r (µm): 50 + 150·r^0.8 (prior). */
export function gramsFromApex(input: { apexRadiusUm: number }): number {
  return 50 + 150 * positive(input.apexRadiusUm, 'apexRadiusUm') ** 0.8;
}

/** Apex radius (µm) behind a reading in grams-force, never below 0.05. */
export function apexFromGrams(input: { grams: number }): number {
  const overG = positive(input.grams, 'grams') - 50;
  return overG <= 0 ? 0.05 : Math.max(0.05, (overG / 150) ** 1.25);
}

type Reading = Pick<EdgeTest, 'test' | 'grams'>;

/** What a reading says in grams-force; a test of paper or hair by the centre of its radii. */
export function gramsOf({ test, grams }: Reading): number {
  return grams ?? gramsFromApex({ apexRadiusUm: TEST_CENTRE_UM[test!] });
}

/** Spread of one reading (g): the tester's own, 10 g or a tenth; of a test by that of its radius. */
export function readingNoiseG(reading: Reading): number {
  const grams = gramsOf(reading);
  // d g / d ln r = 0.8 · (g − 50)
  return reading.grams === null ? 0.8 * (grams - 50) * TEST_SD : Math.max(10, 0.1 * grams);
}

/** The apex radius (µm) that one reading stands for. */
export function readingApexUm({ test, grams }: Reading): number {
  return grams === null ? TEST_CENTRE_UM[test!] : apexFromGrams({ grams });
}
