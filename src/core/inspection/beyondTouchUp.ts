import type { ToolChecks } from '../../domain/session';
import type { ThinningNeed } from '../jobs';
import { stopReasons } from './stopUse';

/** Damage deeper than this (mm) is more than a touch-up can mend. */
const PROFESSIONAL_MM = 2;

/** What comes before any touch-up: stop using the tool, a smith's work, or thinning; null for none. */
export type Beyond = 'stop use' | 'professional' | 'thin' | null;

export function beyondTouchUp(input: {
  checks: ToolChecks;
  damageDepthMm: number;
  thinning: ThinningNeed | null;
}): Beyond {
  const { checks, damageDepthMm, thinning } = input;
  if (stopReasons(checks).length > 0) return 'stop use';
  const isSmithsWork =
    checks.straightness === 'badly bent' ||
    checks.temper === 'overheated' ||
    damageDepthMm > PROFESSIONAL_MM;
  if (isSmithsWork) return 'professional';
  return thinning ? 'thin' : null;
}
