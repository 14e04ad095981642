import type { Tool, Zone } from '../../domain/tool';
import { positive } from '../check';
import { profileThickness, sectionProfile } from './sectionProfile';

/**
 * The zone as thick at its shoulder as a calliper says that it is so far behind the edge (both mm, both sides
 * together); null where the reading lies on the bevel itself, or no shoulder gives it: measured farther back, or
 * at other angles, it would.
 */
export function zoneFromCalliper(input: {
  tool: Pick<Tool, 'bladeWidthMm' | 'spineThicknessMm'>;
  zone: Zone;
  distanceMm: number;
  thicknessMm: number;
}): Zone | null {
  const { tool, zone } = input;
  const distanceMm = positive(input.distanceMm, 'distanceMm');
  const thicknessMm = positive(input.thicknessMm, 'thicknessMm');
  const at = (shoulderThicknessMm: number): number =>
    profileThickness(
      sectionProfile(tool, { ...zone, facet: null, shoulderThicknessMm }),
      distanceMm,
    );
  let [low, high] = [0.1, 30];
  if (at(low) > thicknessMm || at(high) < thicknessMm) return null;
  for (let i = 0; i < 50; i += 1) {
    const middle = (low + high) / 2;
    if (at(middle) < thicknessMm) low = middle;
    else high = middle;
  }
  // On the bevel the thickness is that of its angle, whatever the shoulder.
  const isOnBevel = at(high + 0.5) - at(high) < 1e-6;
  const shoulderThicknessMm = Math.round(high * 100) / 100;
  return isOnBevel ? null : { ...zone, shoulderThicknessMm };
}
