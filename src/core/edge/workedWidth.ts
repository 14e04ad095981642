import type { Zone } from '../../domain/tool';
import { SHOULDER_MM } from '../../domain/zoneLimits';
import { cosDeg, sinDeg } from '../trigonometry';
import { convexArc } from './convexArc';

/** A computed shoulder (mm) within what a record of a zone takes. */
export function recordableShoulderMm(shoulderMm: number): number {
  return Math.min(SHOULDER_MM.most, Math.max(SHOULDER_MM.least, shoulderMm));
}

/** Width (mm) of a straight bevel face from its thickness at the shoulder: (t/2)/sin θ. */
export function bevelFaceWidthMm(
  zone: Pick<Zone, 'shoulderThicknessMm' | 'bevelAngleDeg'>,
): number {
  return zone.shoulderThicknessMm / 2 / sinDeg(zone.bevelAngleDeg);
}

/** Width (mm) of the face that touch-ups work: the micro-bevel's, the bevel's, or the arc's length. */
export function workedWidthMm(zone: Zone): number {
  if (zone.microBevel) return zone.microBevel.faceWidthMm;
  if (zone.grind === 'convex') {
    return convexArc({
      thicknessMm: zone.shoulderThicknessMm,
      cheekAngleDeg: zone.primaryAngleDeg,
      apexAngleDeg: zone.bevelAngleDeg,
    }).faceWidthMm;
  }
  return bevelFaceWidthMm(zone);
}

/**
 * The zone with its worked face of another width, at the same angles: t = 2·w·sin θ at the shoulder
 * of a flat face, t = 2R·(cos α − cos θ) with R = w/(θ − α) at that of an arc.
 */
export function withWorkedWidth(zone: Zone, faceWidthMm: number): Zone {
  const { microBevel, grind, bevelAngleDeg, primaryAngleDeg } = zone;
  if (microBevel) return { ...zone, microBevel: { ...microBevel, faceWidthMm } };
  if (grind !== 'convex') {
    return { ...zone, shoulderThicknessMm: 2 * faceWidthMm * sinDeg(bevelAngleDeg) };
  }
  const radiusMm = faceWidthMm / (((bevelAngleDeg - primaryAngleDeg) * Math.PI) / 180);
  const shoulderThicknessMm = 2 * radiusMm * (cosDeg(primaryAngleDeg) - cosDeg(bevelAngleDeg));
  return { ...zone, shoulderThicknessMm };
}
