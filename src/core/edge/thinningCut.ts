import { apexAngle } from './apexAngle';
import type { Tool, Zone } from '../../domain/tool';
import { positive } from '../check';
import { cosDeg, sinDeg, tanDeg } from '../trigonometry';
import { areaBetween, meet } from './profileCut';
import { edgePoints, sectionProfile, type ProfilePoint } from './sectionProfile';
import { recordableShoulderMm, withWorkedWidth, workedWidthMm } from './workedWidth';

/** A cut that moves the shoulders back, on each side alike. */
export interface ThinningCut {
  /** Angle per side that the stone is laid at, lower than the edge's own. */
  holdAngleDeg: number;
  /** Width of the new face behind the edge (mm). */
  reliefWidthMm: number;
  areaPerSideMm2: number;
  /**
   * The zone as it measures afterwards; the apex itself does not move. An arc's cheek is the new one,
   * though further back, where the cut comes out, the old cheek goes on.
   */
  zoneAfter: Zone;
  /** How far behind the apex the cut comes out (mm). */
  cutDepthMm: number;
}

/** How far between the faces behind and the edge the stone is laid: half-way on flat faces … */
const FLAT_SHARE = 0.5;
/** … and no more than this on an arc, which is rocked into the edge. */
const ARC_SHARE = 0.25;
/** The lowest angle that a zone may be given. */
const LOWEST_DEG = 5;

/**
 * The cut that narrows the worked face of a zone to `faceWidthMm`. A micro-bevel is narrowed by
 * laying its bevel flat; a plain bevel gets a relief half-way between itself and the faces behind,
 * and goes on as the narrow bevel in front of it; an arc is drawn anew, shorter, from the same apex
 * to a cheek a little steeper.
 *
 * The area is the exact difference of the two half sections. Throws a `RangeError` when the face
 * is not narrowed, or
 * no face can lie flatter behind it.
 */
export function thinningCut(input: {
  tool: Pick<Tool, 'bladeWidthMm' | 'spineThicknessMm'>;
  zone: Zone;
  faceWidthMm: number;
}): ThinningCut {
  const { tool, zone } = input;
  const faceWidthMm = positive(input.faceWidthMm, 'faceWidthMm');
  const before = sectionProfile(tool, zone);
  if (faceWidthMm >= workedWidthMm(zone)) {
    throw new RangeError('faceWidthMm must be narrower than the worked face');
  }
  const { holdAngleDeg, front, zoneAfter } =
    zone.grind === 'convex' && !zone.microBevel
      ? arcFront(zone, faceWidthMm)
      : flatFront(zone, faceWidthMm);
  const start = front.at(-1)!;
  const meeting = meet(before, start, tanDeg(holdAngleDeg));
  return {
    holdAngleDeg,
    reliefWidthMm: (meeting.depthMm - start.depthMm) / cosDeg(holdAngleDeg),
    cutDepthMm: meeting.depthMm,
    areaPerSideMm2: areaBetween(before, [...front, meeting]),
    zoneAfter: zoneAfter(meeting),
  };
}

interface Front {
  holdAngleDeg: number;
  /** The outline that stays or is new, from the apex to where the relief begins. */
  front: ProfilePoint[];
  /** The zone that is left, by where the relief comes out. */
  zoneAfter: (meeting: ProfilePoint) => Zone;
}

const APEX: ProfilePoint = { depthMm: 0, halfMm: 0 };

function flatFront(zone: Zone, faceWidthMm: number): Front {
  const { microBevel, bevelAngleDeg, primaryAngleDeg } = zone;
  const angleDeg = apexAngle(zone);
  const between = primaryAngleDeg + FLAT_SHARE * (bevelAngleDeg - primaryAngleDeg);
  const holdAngleDeg = microBevel ? bevelAngleDeg : Math.max(LOWEST_DEG, between);
  if (holdAngleDeg >= angleDeg) {
    throw new RangeError('zone.bevelAngleDeg must leave room for a flatter face behind the edge');
  }
  return {
    holdAngleDeg,
    front: [
      APEX,
      { depthMm: faceWidthMm * cosDeg(angleDeg), halfMm: faceWidthMm * sinDeg(angleDeg) },
    ],
    zoneAfter: ({ halfMm }) => ({
      ...zone,
      bevelAngleDeg: holdAngleDeg,
      microBevel: { angleDeg, faceWidthMm },
      shoulderThicknessMm: recordableShoulderMm(2 * halfMm),
    }),
  };
}

function arcFront(zone: Zone, faceWidthMm: number): Front {
  const { bevelAngleDeg, primaryAngleDeg } = zone;
  // Narrowed half by a tighter curve and half by a steeper cheek: an arc that curves no tighter than
  // the old one would lie outside it.
  const kept = faceWidthMm / workedWidthMm(zone);
  const share = Math.min(ARC_SHARE, 1 - Math.sqrt(kept));
  const holdAngleDeg = primaryAngleDeg + share * (bevelAngleDeg - primaryAngleDeg);
  const shorter = withWorkedWidth({ ...zone, primaryAngleDeg: holdAngleDeg }, faceWidthMm);
  const shoulderThicknessMm = recordableShoulderMm(shorter.shoulderThicknessMm);
  return {
    holdAngleDeg,
    front: [APEX, ...edgePoints(shorter)],
    zoneAfter: () => ({ ...shorter, shoulderThicknessMm }),
  };
}
