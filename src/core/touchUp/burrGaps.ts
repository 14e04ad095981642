import type { BurrWalk } from '../../domain/session';
import type { Zone } from '../../domain/tool';

/** A zone is felt in so many parts: as fine as a fingertip tells along a knife. */
export const BURR_PARTS = 6;

/** The stretches of a zone (mm from the heel of the edge) where no burr was felt, joined up. */
export function burrGaps(
  { felt }: Pick<BurrWalk, 'felt'>,
  { startMm, endMm }: Pick<Zone, 'startMm' | 'endMm'>,
): { startMm: number; endMm: number }[] {
  const partMm = (endMm - startMm) / felt.length;
  const gaps: { startMm: number; endMm: number }[] = [];
  felt.forEach((isFelt, i) => {
    if (isFelt) return;
    const part = { startMm: startMm + i * partMm, endMm: startMm + (i + 1) * partMm };
    const last = gaps.at(-1);
    if (last && i > 0 && !felt[i - 1]) last.endMm = part.endMm;
    else gaps.push(part);
  });
  return gaps;
}
