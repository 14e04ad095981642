import { KINDS } from '../../domain/kinds';
import type { Tool, Zone } from '../../domain/tool';
import { withWorkedWidth, workedWidthMm } from '../edge';
import { PRIORS } from '../priors';
import { isZeroGround } from './bevelDrift';

/**
 * The width of the worked face (mm) past which a zone needs thinning: the person's own limit, or what is usual: the
 * face that it has where the edge is half as thick again at the shoulder as its kind comes with. Null where a bevel
 * runs flat to its apex, and where the grind is another than the kind's.
 */
export function faceLimitMm(tool: Pick<Tool, 'kind'>, zone: Zone): number | null {
  if (zone.faceLimitMm !== null) return zone.faceLimitMm;
  if (isZeroGround(zone)) return null;
  if (zone.microBevel) return PRIORS.usualMicroLimitMm.value;
  const usual = KINDS[tool.kind].zone;
  if ((usual.grind === 'convex') !== (zone.grind === 'convex')) return null;
  if (usual.grind === 'scandi') return null;
  const thickMm = PRIORS.wideningLimitShare.value * usual.shoulderThicknessMm;
  // Thickness goes with width at the same angles.
  const perMm = zone.shoulderThicknessMm / workedWidthMm(zone);
  const limitMm = thickMm / perMm;
  return workedWidthMm(withWorkedWidth(zone, limitMm));
}
