import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool, Zone } from '../../domain/tool';
import { workingFace } from '../ladder';
import { bevelDrift } from './bevelDrift';
import { PRIORS } from '../priors';

/** Why steel behind the edge has to go: the worked face is too wide, or a flat bevel has rounded. */
export type ThinningNeed = 'face past its limit' | 'bevel drifted';

/** A bevel that lags behind its apex by more (mm) is due to be ground flat (prior). */
export const DRIFT_LIMIT_MM = PRIORS.driftLimitMm.value;

/**
 * Whether a zone wants thinning, by its measures and its log; null when it does not, or when its
 * keeper leaves the faces unscratched, or lets the bevel drift.
 */
export function thinningNeed(
  tool: Tool,
  zone: Zone,
  sessions: readonly LoggedSession[],
): ThinningNeed | null {
  const { scratches, drift } = tool.schools;
  if (scratches === 'unscratched') return null;
  const { faceWidthMm } = workingFace(tool, zone);
  if (zone.faceLimitMm !== null && faceWidthMm > zone.faceLimitMm) return 'face past its limit';
  const drifted = bevelDrift(tool, zone, sessions).lagMm > DRIFT_LIMIT_MM;
  return drifted && drift === 'regrind flat' ? 'bevel drifted' : null;
}
