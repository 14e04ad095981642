import type { DamageWay, StepTask } from '../../domain/terms';
import {
  BAND_ABOVE_DEG,
  damageVolumeMm3,
  flatDamageBand,
  workedBand,
  type Steadiness,
} from '../wear';
import { sinDeg } from '../trigonometry';
import type { EdgeCondition, Stretch, WorkingFace } from './types';

/** A part of the edge that is worked in one way: all of it, or a stretch and the rest. */
export interface WorkedPart {
  /** Null for the zone at its own angle. */
  stretch: (Stretch & { angleDeg: number }) | null;
  lengthMm: number;
  /** The face that finer stones follow: the zone's own, or the facet of a band. */
  faceWidthMm: number;
  arcRadiusMm: number | null;
  /** How the angle is held on it: what it wobbles by. */
  steadiness: Steadiness;
  /** Work beyond the apex, both sides; `instead` of its rounding where that is less, or beside it. */
  heavy: { task: StepTask; volumeMm3: number; widthMm: number; instead: boolean } | null;
}

/** The parts of an edge, by what is to be done about its damage, or about the facet on it. */
export function workedParts(
  face: WorkingFace,
  condition: EdgeCondition,
  way: DamageWay,
): WorkedPart[] {
  const whole = plainPart(face, face.edgeLengthMm);
  const worked = workedStretch(face, condition, way);
  if (!worked) return [whole];
  const restMm = face.edgeLengthMm - worked.lengthMm;
  return restMm > 0.5 ? [worked, plainPart(face, restMm)] : [worked];
}

function plainPart(face: WorkingFace, lengthMm: number): WorkedPart {
  const { faceWidthMm, arcRadiusMm, hold } = face;
  return { stretch: null, lengthMm, faceWidthMm, arcRadiusMm, steadiness: hold, heavy: null };
}

function workedStretch(
  face: WorkingFace,
  condition: EdgeCondition,
  way: DamageWay,
): WorkedPart | null {
  if (condition.damageDepthMm > 0 && way !== 'leave it') {
    return way === 'narrow band' ? bandPart(face, condition) : wholeFacePart(face, condition);
  }
  return face.facet && facetPart(face, face.facet);
}

/** Where damage is ground out: a stretch of a chopping tool, the whole zone of a knife. */
function damagedStretch(face: WorkingFace, { damageStretch }: EdgeCondition): Stretch {
  const endMm = face.startMm + face.edgeLengthMm;
  if (!damageStretch || face.toolForm === 'knife') return { startMm: face.startMm, endMm };
  return {
    startMm: Math.max(face.startMm, damageStretch.startMm),
    endMm: Math.min(endMm, damageStretch.endMm),
  };
}

/** The facet (mm wide) that a narrow band leaves, and the steel it takes, mm² a side. */
export function damageBand(face: WorkingFace, depthMm: number) {
  const { angleDeg, arcRadiusMm, faceWidthMm, behindAngleDeg } = face;
  return arcRadiusMm === null
    ? flatDamageBand({ depthMm, angleDeg, behindAngleDeg, faceWidthMm })
    : workedBand({
        shiftMm: depthMm * sinDeg(angleDeg),
        holdAboveDeg: BAND_ABOVE_DEG,
        faceWidthMm,
        arcRadiusMm,
      });
}

function bandPart(face: WorkingFace, condition: EdgeCondition): WorkedPart {
  const stretch = damagedStretch(face, condition);
  const lengthMm = stretch.endMm - stretch.startMm;
  const { widthMm, areaPerSideMm2 } = damageBand(face, condition.damageDepthMm);
  return {
    stretch: { ...stretch, angleDeg: face.angleDeg + BAND_ABOVE_DEG },
    lengthMm,
    faceWidthMm: widthMm,
    arcRadiusMm: null,
    steadiness: 'freehand',
    heavy: {
      task: 'grind out damage',
      volumeMm3: 2 * lengthMm * areaPerSideMm2,
      widthMm,
      instead: true,
    },
  };
}

function wholeFacePart(face: WorkingFace, condition: EdgeCondition): WorkedPart {
  const stretch = damagedStretch(face, condition);
  const lengthMm = stretch.endMm - stretch.startMm;
  const volumeMm3 = damageVolumeMm3({
    ...face,
    edgeLengthMm: lengthMm,
    depthMm: condition.damageDepthMm,
  });
  return {
    ...plainPart(face, lengthMm),
    stretch: lengthMm < face.edgeLengthMm ? { ...stretch, angleDeg: face.angleDeg } : null,
    heavy: { task: 'grind out damage', volumeMm3, widthMm: face.faceWidthMm, instead: true },
  };
}

/**
 * A facet that is kept is worked at its own angle; one to be blended first loses half of its step:
 * a cut from the apex half-way between facet and face takes ½·u²·sin 2h off a facet u wide, h half
 * the step.
 */
function facetPart(face: WorkingFace, facet: NonNullable<WorkingFace['facet']>): WorkedPart {
  const { startMm, endMm, angleDeg, faceWidthMm, kept } = facet;
  const lengthMm = endMm - startMm;
  const halfStepDeg = (angleDeg - face.angleDeg) / 2;
  const worked = {
    lengthMm,
    faceWidthMm,
    arcRadiusMm: null,
    steadiness: 'freehand' as const,
  };
  if (kept || halfStepDeg <= 0) {
    return { ...worked, stretch: { startMm, endMm, angleDeg }, heavy: null };
  }
  const areaPerSideMm2 = 0.5 * faceWidthMm ** 2 * sinDeg(2 * halfStepDeg);
  return {
    ...worked,
    stretch: { startMm, endMm, angleDeg: angleDeg - halfStepDeg },
    heavy: {
      task: 'blend the facet',
      volumeMm3: 2 * lengthMm * areaPerSideMm2,
      widthMm: faceWidthMm,
      instead: false,
    },
  };
}
