import { FAMILIES } from '../../domain/families';
import type { Abrasive } from '../../domain/shelf';

/** Share of a water stone's volume that is pores to be filled (prior). */
const PORES = 0.2;
/** Thickness of a stone that nobody measured (mm, prior). */
const USUAL_THICKNESS_MM = 20;

/** Water (ml) that a thing soaks up before a use: as it was measured, else what is usual for its kind. */
export function soakMl(
  item: Pick<Abrasive, 'soakMl' | 'lengthMm' | 'widthMm' | 'thicknessMm' | 'faces'>,
): number {
  if (item.soakMl !== null) return item.soakMl;
  if (!item.faces.some(({ family }) => FAMILIES[family].soaks)) return 0;
  const { lengthMm, widthMm, thicknessMm } = item;
  return (PORES * lengthMm * widthMm * (thicknessMm ?? USUAL_THICKNESS_MM)) / 1000;
}
