import type { Abrasive } from './shelf';
import { FAMILIES } from './families';
import type { LubricantKind } from './terms';

/** Whether a lubricant stays in the pores of a stone once it was on it. */
export function isGreasy(lubricant: LubricantKind): boolean {
  return lubricant === 'oil' || lubricant === 'fat';
}

/** What may be put on a stone: one that was used with oil stays an oil stone. */
export function lubricantsOf(
  item: Pick<Abrasive, 'lubricants' | 'usedWithOil' | 'faces'>,
): LubricantKind[] {
  return isOilStone(item) ? item.lubricants.filter(isGreasy) : [...item.lubricants];
}

/** Whether oil or fat is in a stone's pores for good. */
export function isOilStone({
  usedWithOil,
  faces,
}: Pick<Abrasive, 'usedWithOil' | 'faces'>): boolean {
  return usedWithOil && faces.some(({ family }) => FAMILIES[family].isPorous);
}
