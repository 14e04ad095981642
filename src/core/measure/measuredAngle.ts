import type { AngleMethod } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';

/** An angle per side that was measured, and what it may be off by, one standard deviation. */
export interface MeasuredAngle {
  angleDeg: number;
  sdDeg: number;
  method: AngleMethod;
  /** Of the face at the apex, a micro-bevel where there is one; or of the bevel behind it. */
  of: 'apex' | 'bevel';
}

/** Why a zone cannot have an angle that was measured. */
export type AngleRefused =
  | 'flatter than the faces behind'
  | 'flatter than the bevel'
  | 'steeper than the micro-bevel'
  | 'out of range';

const LEAST_DEG = 5;
const MOST_DEG = 60;

const tenth = (angleDeg: number): number => Math.round(10 * angleDeg) / 10;

/** Whether a measured angle is that of the zone's micro-bevel. */
const isMicro = ({ microBevel }: Zone, of: MeasuredAngle['of']): boolean =>
  of === 'apex' && microBevel !== null;

/** Why not; null where it can. */
export function angleRefused(
  zone: Zone,
  { angleDeg, of }: Pick<MeasuredAngle, 'angleDeg' | 'of'>,
): AngleRefused | null {
  const angle = tenth(angleDeg);
  if (angleDeg < LEAST_DEG || angleDeg > MOST_DEG) return 'out of range';
  if (isMicro(zone, of)) return angle <= zone.bevelAngleDeg ? 'flatter than the bevel' : null;
  if (angle <= zone.primaryAngleDeg) return 'flatter than the faces behind';
  return zone.microBevel && angle >= zone.microBevel.angleDeg
    ? 'steeper than the micro-bevel'
    : null;
}

/** A tool with an angle of a zone as it was measured. */
export function withMeasuredAngle(
  tool: Tool,
  zoneId: string,
  { angleDeg, sdDeg, method, of }: MeasuredAngle,
  at: string,
): Tool {
  const measured = (zone: Zone): Zone => ({
    ...zone,
    ...(zone.microBevel && isMicro(zone, of)
      ? { microBevel: { ...zone.microBevel, angleDeg: tenth(angleDeg) } }
      : { bevelAngleDeg: tenth(angleDeg) }),
    angleMethod: method,
    angleErrorDeg: tenth(sdDeg),
    measuredAt: at,
  });
  return {
    ...tool,
    updatedAt: at,
    zones: tool.zones.map((zone) => (zone.id === zoneId ? measured(zone) : zone)),
  };
}
