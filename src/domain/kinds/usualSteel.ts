import type { UsualSteel } from './kind';

const steel = (
  steelClass: 'carbon' | 'stainless',
  hardnessLowHrc: number,
  hardnessHighHrc: number,
): UsualSteel => ({
  steelClass,
  hardnessLowHrc,
  hardnessHighHrc,
  carbide: steelClass === 'stainless' ? 'moderate' : 'low',
  stainless: steelClass === 'stainless' ? 'yes' : 'no',
  fileBite: null,
});
/** Steel of about so many HRC, as such tools usually have. */
export const carbon = (hrc: number): UsualSteel => steel('carbon', hrc - 1, hrc + 1);
export const stainless = (hrc: number): UsualSteel => steel('stainless', hrc - 1, hrc + 1);
