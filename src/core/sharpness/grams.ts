import { positive } from '../check';

/** Grams-force to part the test filament at an apex radius r (µm): 50 + 150·r^0.8 (prior). */
export function gramsFromApex(input: { apexRadiusUm: number }): number {
  return 50 + 150 * positive(input.apexRadiusUm, 'apexRadiusUm') ** 0.8;
}

/** Apex radius (µm) behind a reading in grams-force, never below 0.05. */
export function apexFromGrams(input: { grams: number }): number {
  const overG = positive(input.grams, 'grams') - 50;
  return overG <= 0 ? 0.05 : Math.max(0.05, (overG / 150) ** 1.25);
}
