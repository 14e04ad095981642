import type { Tool, Zone, ZoneFacet } from '../../domain/tool';
import { cosDeg, sinDeg, tanDeg } from '../trigonometry';
import { convexArc } from './convexArc';

/** Half thickness of the section at a distance behind the sharp apex; both in mm. */
export interface ProfilePoint {
  depthMm: number;
  halfMm: number;
}

const ARC_POINTS = 24;

/**
 * The outline of one side of a zone's section, from the apex back to the spine: micro-bevel, bevel
 * or arc, then the faces behind, capped at the stock.
 */
export function sectionProfile(
  tool: Pick<Tool, 'bladeWidthMm' | 'spineThicknessMm'>,
  zone: Zone,
): ProfilePoint[] {
  const plain = plainProfile(tool, zone);
  return zone.facet ? withFacet(plain, zone.facet) : plain;
}

/** The outline without any facet on it. */
function plainProfile(
  tool: Pick<Tool, 'bladeWidthMm' | 'spineThicknessMm'>,
  zone: Zone,
): ProfilePoint[] {
  const capMm = Math.max(tool.spineThicknessMm, zone.shoulderThicknessMm) / 2;
  const points: ProfilePoint[] = [{ depthMm: 0, halfMm: 0 }, ...edgePoints(zone)];
  const shoulder = points.at(-1)!;
  // A bevel that takes the whole blade leaves no face behind it to be hollow.
  const hollowed = zone.grind === 'hollow' && shoulder.depthMm < tool.bladeWidthMm;
  if (hollowed && zone.hollowRadiusMm !== null) {
    return [...points, ...hollowPoints(zone, shoulder, capMm, tool.bladeWidthMm)];
  }
  const slope = tanDeg(zone.primaryAngleDeg);
  const roomMm = capMm - shoulder.halfMm;
  const capAtMm = shoulder.depthMm + (slope > 0 ? roomMm / slope : Infinity);
  if (roomMm > 0 && slope > 0 && capAtMm < tool.bladeWidthMm) {
    points.push({ depthMm: capAtMm, halfMm: capMm });
  }
  const last = points.at(-1)!;
  const endMm = Math.max(tool.bladeWidthMm, last.depthMm + 0.001);
  const endHalfMm =
    last === shoulder
      ? Math.min(capMm, shoulder.halfMm + (endMm - shoulder.depthMm) * slope)
      : capMm;
  points.push({ depthMm: endMm, halfMm: endHalfMm });
  return points;
}

/** An outline cut by a steeper facet from a new apex, so wide as the facet is. */
function withFacet(
  profile: readonly ProfilePoint[],
  { angleDeg, faceWidthMm }: ZoneFacet,
): ProfilePoint[] {
  const end = { depthMm: faceWidthMm * cosDeg(angleDeg), halfMm: faceWidthMm * sinDeg(angleDeg) };
  const recededMm = depthAtHalf(profile, end.halfMm) - end.depthMm;
  if (!(recededMm > 0)) return [...profile];
  const behind = profile
    .filter(({ halfMm }) => halfMm > end.halfMm)
    .map(({ depthMm, halfMm }) => ({ depthMm: depthMm - recededMm, halfMm }));
  return [{ depthMm: 0, halfMm: 0 }, end, ...behind];
}

/** Depth behind the apex (mm) at which a profile is so thick on one side; its end where it never is. */
export function depthAtHalf(profile: readonly ProfilePoint[], halfMm: number): number {
  const next = profile.findIndex((point) => point.halfMm >= halfMm);
  if (next < 0) return profile.at(-1)!.depthMm;
  const b = profile[next]!;
  if (next === 0) return b.depthMm;
  const a = profile[next - 1]!;
  return a.depthMm + ((halfMm - a.halfMm) / (b.halfMm - a.halfMm)) * (b.depthMm - a.depthMm);
}

/** The outline from behind the apex to the shoulder: micro-bevel and bevel, or arc. */
export function edgePoints(zone: Zone): ProfilePoint[] {
  const shoulderHalfMm = zone.shoulderThicknessMm / 2;
  if (zone.grind === 'convex' && !zone.microBevel) return arcPoints(zone);
  const points: ProfilePoint[] = [];
  let at: ProfilePoint = { depthMm: 0, halfMm: 0 };
  if (zone.microBevel) {
    const { angleDeg, faceWidthMm } = zone.microBevel;
    at = { depthMm: faceWidthMm * cosDeg(angleDeg), halfMm: faceWidthMm * sinDeg(angleDeg) };
    points.push(at);
  }
  const restMm = shoulderHalfMm - at.halfMm;
  if (restMm > 0) {
    points.push({
      depthMm: at.depthMm + restMm / tanDeg(zone.bevelAngleDeg),
      halfMm: shoulderHalfMm,
    });
  }
  return points;
}

/**
 * The hollow faces behind the shoulder: a circle of the wheel's radius, tangent there to the faces'
 * half angle, thickening until it meets the flat sides or the spine.
 */
function hollowPoints(
  zone: Zone,
  shoulder: ProfilePoint,
  capMm: number,
  bladeWidthMm: number,
): ProfilePoint[] {
  const radiusMm = zone.hollowRadiusMm!;
  const slope = tanDeg(zone.primaryAngleDeg);
  const lengthMm = Math.min(bladeWidthMm - shoulder.depthMm, 0.99 * radiusMm);
  const halfAt = (runMm: number): number =>
    shoulder.halfMm + slope * runMm + (radiusMm - Math.sqrt(radiusMm ** 2 - runMm ** 2));
  const points = Array.from({ length: ARC_POINTS }, (_, i) => {
    const runMm = ((i + 1) / ARC_POINTS) * lengthMm;
    return { depthMm: shoulder.depthMm + runMm, halfMm: Math.min(capMm, halfAt(runMm)) };
  });
  const last = points.at(-1)!;
  return last.depthMm < bladeWidthMm - 1e-6
    ? [...points, { depthMm: bladeWidthMm, halfMm: last.halfMm }]
    : points;
}

/** The arc from apex to shoulder: its direction turns from the apex angle to the cheek angle. */
function arcPoints(zone: Zone): ProfilePoint[] {
  const { bevelAngleDeg: apexDeg, primaryAngleDeg: cheekDeg } = zone;
  const { radiusMm } = convexArc({
    thicknessMm: zone.shoulderThicknessMm,
    cheekAngleDeg: cheekDeg,
    apexAngleDeg: apexDeg,
  });
  return Array.from({ length: ARC_POINTS }, (_, i) => {
    const deg = apexDeg + ((i + 1) / ARC_POINTS) * (cheekDeg - apexDeg);
    return {
      depthMm: radiusMm * (sinDeg(apexDeg) - sinDeg(deg)),
      halfMm: radiusMm * (cosDeg(deg) - cosDeg(apexDeg)),
    };
  });
}

/** Thickness of both sides together (mm) at a distance behind the apex, read off a profile. */
export function profileThickness(profile: readonly ProfilePoint[], distanceMm: number): number {
  const next = profile.findIndex(({ depthMm }) => depthMm >= distanceMm);
  if (next < 0) return 2 * profile.at(-1)!.halfMm;
  const b = profile[next]!;
  if (next === 0) return 2 * b.halfMm;
  const a = profile[next - 1]!;
  const share = (distanceMm - a.depthMm) / (b.depthMm - a.depthMm);
  return 2 * (a.halfMm + share * (b.halfMm - a.halfMm));
}
