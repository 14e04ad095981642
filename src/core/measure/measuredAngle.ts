import type { AngleMethod } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';

/** An angle per side that was measured, and what it may be off by, one standard deviation. */
export interface MeasuredAngle {
  angleDeg: number;
  sdDeg: number;
  method: AngleMethod;
}

/** Why a zone cannot have an angle that was measured. */
export type AngleRefused =
  'flatter than the faces behind' | 'flatter than the bevel' | 'out of range';

const LEAST_DEG = 5;
const MOST_DEG = 60;

const tenth = (angleDeg: number): number => Math.round(10 * angleDeg) / 10;

/** Why not; null where it can. */
export function angleRefused(
  zone: Zone,
  { angleDeg }: Pick<MeasuredAngle, 'angleDeg'>,
): AngleRefused | null {
  if (angleDeg < LEAST_DEG || angleDeg > MOST_DEG) return 'out of range';
  if (tenth(angleDeg) <= zone.primaryAngleDeg) return 'flatter than the faces behind';
  if (zone.microBevel && tenth(angleDeg) <= zone.bevelAngleDeg) return 'flatter than the bevel';
  return null;
}

/** A tool with the angle at a zone's apex as it was measured: of its micro-bevel where it has one. */
export function withMeasuredAngle(
  tool: Tool,
  zoneId: string,
  { angleDeg, sdDeg, method }: MeasuredAngle,
  at: string,
): Tool {
  const measured = (zone: Zone): Zone => ({
    ...zone,
    ...(zone.microBevel
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
