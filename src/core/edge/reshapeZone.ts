import { sum } from 'd3-array';
import { FACET_WIDTH_MM } from '../../domain/zoneLimits';
import type { Tool, Zone } from '../../domain/tool';
import { edgeAngle } from '../check';
import { cosDeg, sinDeg, tanDeg } from '../trigonometry';
import { areaBetween, meet } from './profileCut';
import { depthAtHalf, edgePoints, sectionProfile, type ProfilePoint } from './sectionProfile';
import { recordableShoulderMm } from './workedWidth';
import { PRIORS } from '../priors';

/** The edge that is wanted: a grind and its angle per side. */
export interface EdgeAim {
  /** `as it is` changes the angle at the apex alone: of the micro-bevel where there is one. */
  /** `micro-bevel` leaves the rest as it is, and takes a narrow facet off the apex. */
  grind: 'as it is' | 'scandi' | 'convex' | 'secondary-bevel' | 'micro-bevel';
  angleDeg: number;
}

/** A zone ground to another angle or grind, on each side alike. */
export interface Reshaped {
  zoneAfter: Zone;
  /** How far the apex moves back (mm). */
  recessionMm: number;
  areaPerSideMm2: number;
  /** Width of the new face that is ground (mm). */
  faceWidthMm: number;
  /** The half outline as it was, and as it is to be, each from its apex of before (mm). */
  before: readonly ProfilePoint[];
  after: readonly ProfilePoint[];
}

type Blade = Pick<Tool, 'bladeWidthMm' | 'spineThicknessMm'>;

/** The new face ends no nearer to the apex than this (mm). */
const LEAST_FACE_MM = 0.02;

/**
 * A zone given another angle or grind: flatter and flat grinds are cut from the apex back to where the
 * new face comes out; steeper ones and arcs move the apex back just so far that the new section lies
 * inside the old. The area is the exact difference of the two half sections.
 *
 * Throws a `RangeError` where the angle is not above that of the faces behind, or nothing would be left.
 */
export function reshapeZone(input: { tool: Blade; zone: Zone; aim: EdgeAim }): Reshaped {
  const { tool, zone, aim } = input;
  edgeAngle(aim.angleDeg, 'aim.angleDeg');
  const behindDeg = angleBehind(zone, aim);
  if (aim.angleDeg <= behindDeg) {
    throw new RangeError(`aim.angleDeg must be more than ${behindDeg}, got ${aim.angleDeg}`);
  }
  const before = sectionProfile(tool, zone);
  if (aim.grind === 'micro-bevel') return withFacetOff(zone, before, aim.angleDeg);
  const zoneAfter = aimedZone(tool, zone, before, aim);
  const outline = [APEX, ...edgePoints(zoneAfter)];
  const recessionMm = recessionInto(before, outline);
  if (recessionMm >= tool.bladeWidthMm / 2) {
    throw new RangeError('aim.angleDeg must leave more than half of the blade');
  }
  const after = movedBack(outline, recessionMm);
  return {
    zoneAfter,
    recessionMm,
    areaPerSideMm2: areaBetween(before, after),
    faceWidthMm: lengthOf(outline),
    before,
    after,
  };
}

/** A half outline from its apex, with that apex so far back. */
function movedBack(outline: readonly ProfilePoint[], byMm: number): ProfilePoint[] {
  if (byMm === 0) return [...outline];
  return [APEX, ...outline.map(({ depthMm, halfMm }) => ({ depthMm: depthMm + byMm, halfMm }))];
}

/** The same, and null where this section has no room for the angle. */
export function reshapedZone(input: Parameters<typeof reshapeZone>[0]): Reshaped | null {
  try {
    return reshapeZone(input);
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}

const APEX: ProfilePoint = { depthMm: 0, halfMm: 0 };

/** A narrow facet off the apex: a micro-bevel of a flat face, a kept facet of an arc. */
function withFacetOff(zone: Zone, before: readonly ProfilePoint[], angleDeg: number): Reshaped {
  const depthMm = PRIORS.microFaceMm.value * cosDeg(angleDeg);
  const halfMm = PRIORS.microFaceMm.value * sinDeg(angleDeg);
  const recessionMm = Math.max(0, depthAtHalf(before, halfMm) - depthMm);
  const cut = [
    APEX,
    { depthMm: recessionMm, halfMm: 0 },
    { depthMm: recessionMm + depthMm, halfMm },
  ];
  const facet = { angleDeg, faceWidthMm: PRIORS.microFaceMm.value };
  const { startMm, endMm } = zone;
  return {
    zoneAfter:
      zone.grind === 'convex'
        ? { ...zone, facet: { ...facet, startMm, endMm, kept: true } }
        : { ...zone, facet: null, microBevel: facet },
    recessionMm,
    areaPerSideMm2: areaBetween(before, cut),
    faceWidthMm: PRIORS.microFaceMm.value,
    before,
    after: cut,
  };
}

/** Half angle of the faces that the new face comes out on: no aim is flatter. */
export function angleBehind(zone: Zone, aim: EdgeAim): number {
  if (aim.grind === 'scandi') return 0;
  if (aim.grind === 'micro-bevel') return zone.bevelAngleDeg;
  return isMicroAimed(zone, aim) ? zone.bevelAngleDeg : zone.primaryAngleDeg;
}

/** Whether an aim turns the micro-bevel alone; one flatter than the bevel behind it takes the bevel along. */
function isMicroAimed(zone: Zone, { grind, angleDeg }: EdgeAim): boolean {
  return grind === 'as it is' && zone.microBevel !== null && angleDeg > zone.bevelAngleDeg;
}

/** A micro-bevel at another angle: from the apex back to the bevel, or steeper from its own shoulder. */
function aimedMicroBevel(zone: Zone, before: readonly ProfilePoint[], angleDeg: number): Zone {
  const { faceWidthMm, angleDeg: presentDeg } = zone.microBevel!;
  const out = meet(before, APEX, tanDeg(angleDeg));
  const halfMm = out.depthMm > 1e-3 ? out.halfMm : faceWidthMm * sinDeg(presentDeg);
  const widthMm = Math.min(10, Math.max(LEAST_FACE_MM, halfMm / sinDeg(angleDeg)));
  return { ...zone, facet: null, microBevel: { angleDeg, faceWidthMm: widthMm } };
}

function aimedZone(tool: Blade, zone: Zone, before: readonly ProfilePoint[], aim: EdgeAim): Zone {
  const { angleDeg } = aim;
  if (isMicroAimed(zone, aim)) return aimedMicroBevel(zone, before, angleDeg);
  const grind =
    aim.grind === 'as it is' || aim.grind === 'micro-bevel' ? plainGrind(zone) : aim.grind;
  const plain = { ...zone, microBevel: null, facet: null, hollowRadiusMm: null };
  const aimed: Zone = { ...plain, grind, bevelAngleDeg: angleDeg };
  const shoulderMm = Math.max(2 * LEAST_FACE_MM, zone.shoulderThicknessMm);
  if (grind === 'convex')
    return outermostArc(tool, before, { ...aimed, shoulderThicknessMm: shoulderMm });
  // A flat face from the apex, as far as the old section is thicker than it; steeper than all of that
  // it pivots on the old shoulder.
  const out = meet(before, APEX, tanDeg(angleDeg));
  const halfMm = out.depthMm > LEAST_FACE_MM ? out.halfMm : shoulderMm / 2;
  const hollow = grind === 'secondary-bevel' && zone.grind === 'hollow';
  return {
    ...aimed,
    ...(hollow ? { grind: 'hollow' as const, hollowRadiusMm: zone.hollowRadiusMm } : {}),
    primaryAngleDeg: Math.min(zone.primaryAngleDeg, angleDeg - 0.1),
    shoulderThicknessMm: recordableShoulderMm(2 * halfMm),
  };
}

/** A hollow grind has a plain bevel at its edge. */
function plainGrind({ grind }: Zone): Exclude<Zone['grind'], 'hollow'> {
  return grind === 'hollow' ? 'secondary-bevel' : grind;
}

/** The arc that ends on the old face once it lies inside, no thinner than it was, found by halving. */
function outermostArc(tool: Blade, before: readonly ProfilePoint[], zone: Zone): Zone {
  const ends = (shoulderThicknessMm: number): boolean => {
    const outline = [APEX, ...edgePoints({ ...zone, shoulderThicknessMm })];
    const end = outline.at(-1)!;
    return depthAtHalf(before, end.halfMm) >= end.depthMm + recessionInto(before, outline) - 1e-9;
  };
  if (ends(zone.shoulderThicknessMm)) return zone;
  let low = zone.shoulderThicknessMm;
  let high = Math.max(low, recordableShoulderMm(tool.spineThicknessMm));
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2;
    if (ends(middle)) high = middle;
    else low = middle;
  }
  return { ...zone, shoulderThicknessMm: high };
}

/** How far (mm) a new outline has to move back to lie inside an old one, at every thickness of it. */
function recessionInto(before: readonly ProfilePoint[], outline: readonly ProfilePoint[]): number {
  const mostHalfMm = outline.at(-1)!.halfMm;
  const halves = [...before, ...outline]
    .map(({ halfMm }) => halfMm)
    .filter((halfMm) => halfMm <= mostHalfMm);
  const gaps = halves.map((halfMm) => depthAtHalf(before, halfMm) - depthAtHalf(outline, halfMm));
  return Math.max(0, ...gaps);
}

function lengthOf(outline: readonly ProfilePoint[]): number {
  return sum(outline.slice(1), ({ depthMm, halfMm }, i) =>
    Math.hypot(depthMm - outline[i]!.depthMm, halfMm - outline[i]!.halfMm),
  );
}

/** The band from a facet's apex half-way back to its face, for blending: what is left of the facet. */
export function blendedFacet(zone: Zone, faceAngleDeg: number): Zone['facet'] {
  const { facet } = zone;
  if (!facet) return null;
  const halfStepDeg = (facet.angleDeg - faceAngleDeg) / 2;
  if (halfStepDeg < PRIORS.blendedDeg.value) return null;
  return {
    ...facet,
    angleDeg: facet.angleDeg - halfStepDeg,
    faceWidthMm: facetWidthMm(2 * facet.faceWidthMm * cosDeg(halfStepDeg)),
  };
}

/** A facet's width (mm) as a record holds it. */
export function facetWidthMm(widthMm: number): number {
  return Math.min(FACET_WIDTH_MM.most, Math.max(FACET_WIDTH_MM.least, widthMm));
}
