import type { Zone } from '../../domain/tool';

/** Angle (degrees per side) of the face at a zone's apex: its micro-bevel's where it has one, else its bevel's. */
export function apexAngle(zone: Pick<Zone, 'microBevel' | 'bevelAngleDeg'>): number {
  return zone.microBevel?.angleDeg ?? zone.bevelAngleDeg;
}
