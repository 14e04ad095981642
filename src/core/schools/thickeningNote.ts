import { bevelGrowth, touchUpsUntilThinning, wideningPerRecession } from '../edge';
import { faceGrowthMm } from '../inspection';
import { isZeroGround, planThinning, type EdgeJob, faceLimitMm } from '../jobs';
import { workingFace } from '../ladder';
import type { SchoolNote } from './types';
import { PRIORS } from '../priors';

/** Thinned at every touch-up, when it is due, or never: how the face grows, and what thinning takes. */
export function thickeningNote(worn: EdgeJob): SchoolNote {
  const { tool, zone } = worn;
  const { scratches, profile } = tool.schools;
  const growthMm = isZeroGround(zone) ? 0 : faceGrowthMm(worn);
  if (growthMm === 0) return { kind: 'does not grow' };
  if (profile === 'thin at every touch-up' && scratches !== 'unscratched') {
    return { kind: 'thinned each time', growthMm };
  }
  const face = workingFace(tool, zone);
  const limitMm = faceLimitMm(tool, zone) ?? PRIORS.wideningLimitShare.value * face.faceWidthMm;
  const taper = { ...face, primaryAngleDeg: face.behindAngleDeg, bevelAngleDeg: face.angleDeg };
  const recessionMm = growthMm / wideningPerRecession(taper);
  const touchUps = touchUpsUntilThinning({
    ...taper,
    faceWidthLimitMm: limitMm,
    recessionPerTouchUpMm: recessionMm,
  });
  if (scratches === 'unscratched') {
    const { shoulderThicknessMm } = bevelGrowth({ ...taper, recessionMm: touchUps * recessionMm });
    return { kind: 'left to thicken', touchUps, shoulderThicknessMm };
  }
  if (touchUps === 0) return { kind: 'thinning due now' };
  const thinning = planThinning(worn);
  const minutes = thinning.outcome === 'planned' ? thinning.minutes : null;
  return { kind: 'thinned when due', growthMm, touchUps, minutes };
}
