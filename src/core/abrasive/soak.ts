import { FAMILIES } from '../../domain/families';
import type { Abrasive } from '../../domain/shelf';
import { PRIORS } from '../priors';

/** Water (ml) that a thing soaks up before a use: as it was measured, else what is usual for its kind. */
export function soakMl(
  item: Pick<Abrasive, 'soakMl' | 'lengthMm' | 'widthMm' | 'thicknessMm' | 'faces'>,
): number {
  if (item.soakMl !== null) return item.soakMl;
  if (!item.faces.some(({ family }) => FAMILIES[family].soaks)) return 0;
  const { lengthMm, widthMm, thicknessMm } = item;
  return (
    (PRIORS.poresShare.value *
      lengthMm *
      widthMm *
      (thicknessMm ?? PRIORS.stoneThicknessMm.value)) /
    1000
  );
}
