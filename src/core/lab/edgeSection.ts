import type { Tool, Zone } from '../../domain/tool';
import { inRange, positive } from '../check';
import { convexArc, sectionProfile, type ProfilePoint } from '../edge';
import { cosDeg, sinDeg, tanDeg } from '../trigonometry';
import type { Section, SectionPoint } from './section';

/** Facets of a rounded apex: an even number, so that a point stands foremost. */
const APEX_FACETS = 16;

/** How far behind the shoulder a section is followed (mm): no stroke of an edge reaches there. */
const BEHIND_MM = 3;

/**
 * The section of a zone with its apex rounded to a radius: micro-bevel, bevel or arc, a facet that was left,
 * then the straight faces behind. Hollow faces begin at the shoulder at their own angle and are followed straight:
 * a stroke on the bevel does not reach them. The sharp apex lies at x = 0.
 */
export function edgeSection(input: {
  tool: Pick<Tool, 'bladeWidthMm' | 'spineThicknessMm'>;
  zone: Zone;
  apexRadiusUm: number;
}): Section {
  const { tool, zone } = input;
  const grind = zone.grind === 'hollow' ? 'secondary-bevel' : zone.grind;
  const profile = sectionProfile(tool, { ...zone, grind, hollowRadiusMm: null });
  const isArc = zone.grind === 'convex' && zone.microBevel === null && zone.facet === null;
  const radiusMm = positive(input.apexRadiusUm, 'apexRadiusUm') / 1000;
  return roundedSection(
    isArc ? fineAtApex(profile, zone, radiusMm) : shortened(profile, zone),
    radiusMm,
  );
}

/** The first chord of an arc is halved so often: it is then no longer than what a stone touches first. */
const HALVINGS = 7;
/** The first chord is so many times as long as what a rounding takes of it. */
const ROOM = 1.25;

/** An arc as it is shortened, drawn finer towards its apex: a chord lies flatter than the arc does there. */
function fineAtApex(
  profile: readonly ProfilePoint[],
  zone: Zone,
  apexRadiusMm: number,
): ProfilePoint[] {
  const { bevelAngleDeg: apexDeg, primaryAngleDeg: cheekDeg, shoulderThicknessMm } = zone;
  const { radiusMm } = convexArc({
    thicknessMm: shoulderThicknessMm,
    cheekAngleDeg: cheekDeg,
    apexAngleDeg: apexDeg,
  });
  const [apex, ...behind] = shortened(profile, zone);
  const first = behind[0]!;
  // R·(cos φ − cos θ) is the half thickness where the arc has turned from θ to φ.
  const firstDeg = (180 / Math.PI) * Math.acos(first.halfMm / radiusMm + cosDeg(apexDeg));
  const fine = Array.from({ length: HALVINGS }, (_, i) => {
    const deg = apexDeg + (firstDeg - apexDeg) / 2 ** (HALVINGS - i);
    return {
      depthMm: radiusMm * (sinDeg(apexDeg) - sinDeg(deg)),
      halfMm: radiusMm * (cosDeg(deg) - cosDeg(apexDeg)),
    };
  });
  // The rounding lies on the first chord, and needs room there.
  const roomMm = (ROOM * apexRadiusMm) / tanDeg(apexDeg);
  const beyond = fine.filter(({ depthMm, halfMm }) => Math.hypot(depthMm, halfMm) > roomMm);
  return [apex!, ...beyond, ...behind];
}

/** A profile up to its shoulder, with one straight face behind it. */
function shortened(profile: readonly ProfilePoint[], zone: Zone): ProfilePoint[] {
  const slope = tanDeg(zone.primaryAngleDeg);
  const shoulderHalfMm = zone.shoulderThicknessMm / 2;
  const edge = profile.filter(({ halfMm }) => halfMm <= shoulderHalfMm + 1e-9);
  const end = edge.findIndex(({ halfMm }) => halfMm >= shoulderHalfMm - 1e-9);
  const kept = end < 0 ? edge : edge.slice(0, end + 1);
  const last = kept.at(-1)!;
  return [...kept, { depthMm: last.depthMm + BEHIND_MM, halfMm: last.halfMm + BEHIND_MM * slope }];
}

/** A symmetric section whose apex is an arc that lies on its first faces, its points on the arc. */
export function roundedSection(profile: readonly ProfilePoint[], radiusMm: number): Section {
  const first = profile[1]!;
  const angleDeg = (Math.atan2(first.halfMm, first.depthMm) * 180) / Math.PI;
  const centreMm = radiusMm / sinDeg(angleDeg);
  const touchesMm = radiusMm / tanDeg(angleDeg);
  inRange(
    touchesMm,
    'apexRadiusUm as length of the face',
    0,
    Math.hypot(first.depthMm, first.halfMm),
  );
  const arc: SectionPoint[] = [];
  for (let i = 0; i <= APEX_FACETS; i += 1) {
    // From where the arc leaves the left face to where it meets the right one.
    const turnDeg = (90 - angleDeg) * (1 - (2 * i) / APEX_FACETS);
    arc.push({
      xMm: centreMm - radiusMm * cosDeg(turnDeg),
      yMm: radiusMm * sinDeg(turnDeg),
    });
  }
  const faces = profile.slice(1);
  return {
    points: [
      ...faces.map(({ depthMm, halfMm }) => ({ xMm: depthMm, yMm: halfMm })).reverse(),
      ...arc,
      ...faces.map(({ depthMm, halfMm }) => ({ xMm: depthMm, yMm: -halfMm })),
    ],
  };
}

/** Faces so long (mm) hold the arc of any apex. */
const FACES_MM = 1;

/** An apex of a radius between flat faces of an angle (degrees per side), its sharp point at x = 0. */
export function apexSection(input: { apexRadiusUm: number; apexAngleDeg: number }): Section {
  const { apexRadiusUm, apexAngleDeg } = input;
  const end = { depthMm: FACES_MM, halfMm: FACES_MM * tanDeg(apexAngleDeg) };
  return roundedSection([{ depthMm: 0, halfMm: 0 }, end], apexRadiusUm / 1000);
}
