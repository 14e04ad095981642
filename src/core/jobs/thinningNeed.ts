import type { LoggedSession } from '../../domain/loggedSession';
import type { Finding } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { workingFace } from '../ladder';
import { bevelDrift, isZeroGround } from './bevelDrift';
import { faceLimitMm } from './faceLimit';
import { PRIORS } from '../priors';

/** Why steel behind the edge has to go: the worked face is too wide, it wedges in use, or a flat bevel has rounded. */
export type ThinningNeed = 'face past its limit' | 'wedges' | 'bevel drifted';

/** A bevel that lags behind its apex by more (mm) is due to be ground flat (prior). */
export const DRIFT_LIMIT_MM = PRIORS.driftLimitMm.value;

/**
 * Whether a zone needs thinning, by its measures, its log and what was found on it; null when it does not, or when its
 * keeper leaves the faces unscratched, or lets the bevel drift.
 */
export function thinningNeed(
  tool: Tool,
  zone: Zone,
  sessions: readonly LoggedSession[],
  findings: readonly Finding[] = [],
): ThinningNeed | null {
  const { scratches, drift } = tool.schools;
  if (scratches === 'unscratched') return null;
  const { faceWidthMm } = workingFace(tool, zone);
  const limitMm = faceLimitMm(tool, zone);
  if (limitMm !== null && faceWidthMm > limitMm) return 'face past its limit';
  const wedges = findings.some(({ kind, leftOnPurpose }) => kind === 'wedges' && !leftOnPurpose);
  if (wedges && !isZeroGround(zone)) return 'wedges';
  const drifted = bevelDrift(tool, zone, sessions).lagMm > DRIFT_LIMIT_MM;
  return drifted && drift === 'regrind flat' ? 'bevel drifted' : null;
}
