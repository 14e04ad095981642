import type { ToolChecks } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { workingFace } from '../ladder';
import { stopReasons } from './stopUse';

/** Damage deeper than this (mm) is more than a touch-up can mend. */
const PROFESSIONAL_MM = 2;

/** What comes before any touch-up: stop using the tool, a smith's work, or thinning; null for none. */
export type Beyond = 'stop use' | 'professional' | 'thin' | null;

export function beyondTouchUp(input: {
  tool: Tool;
  zone: Zone;
  checks: ToolChecks;
  damageDepthMm: number;
}): Beyond {
  const { tool, zone, checks, damageDepthMm } = input;
  if (stopReasons(checks).length > 0) return 'stop use';
  const isSmithsWork =
    checks.straightness === 'badly bent' ||
    checks.temper === 'overheated' ||
    damageDepthMm > PROFESSIONAL_MM;
  if (isSmithsWork) return 'professional';
  return zone.faceLimitMm !== null && workingFace(tool, zone).faceWidthMm > zone.faceLimitMm
    ? 'thin'
    : null;
}
