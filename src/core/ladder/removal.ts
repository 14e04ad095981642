import {
  apexContactWidthMm,
  convexContactWidthMm,
  damageVolumeMm3,
  faceVolumeMm3,
  HOLD_WOBBLE_DEG,
  roundingShiftMm,
  scratchShiftMm,
} from '../wear';
import type { StepTask } from '../../domain/terms';
import { sinDeg } from '../trigonometry';
import type { EdgeCondition, WorkingFace } from './types';

/** Steel to take off, both sides together, and the face it comes from. */
export interface Removal {
  task: StepTask;
  volumeMm3: number;
  contactWidthMm: number;
}

/**
 * What the first abrasive has to remove: the larger, not the sum, of the recession that damage
 * asks for and the recession that the rounded apex asks for.
 */
export function firstRemoval(face: WorkingFace, condition: EdgeCondition): Removal {
  const shiftMm = roundingShiftMm({
    apexRadiusUm: condition.apexRadiusUm,
    angleDeg: face.angleDeg,
  });
  const roundingRecessionMm = shiftMm / sinDeg(face.angleDeg);
  if (condition.damageDepthMm > roundingRecessionMm) {
    return {
      task: 'grind out damage',
      volumeMm3: damageVolumeMm3({ ...face, depthMm: condition.damageDepthMm }),
      contactWidthMm: face.faceWidthMm,
    };
  }
  return { task: 'restore the apex', ...nearApex(face, shiftMm) };
}

/** What the scratches of the step before, of size d, ask for. */
export function scratchRemoval(face: WorkingFace, sizeUm: number): Removal {
  return { task: 'remove scratches', ...nearApex(face, scratchShiftMm({ sizeUm })) };
}

function nearApex(face: WorkingFace, shiftMm: number): Omit<Removal, 'task'> {
  const contactWidthMm =
    face.arcRadiusMm === null
      ? apexContactWidthMm({
          faceWidthMm: face.faceWidthMm,
          shiftMm,
          wobbleDeg: HOLD_WOBBLE_DEG[face.hold],
        })
      : Math.min(face.faceWidthMm, convexContactWidthMm({ radiusMm: face.arcRadiusMm, shiftMm }));
  return {
    contactWidthMm,
    volumeMm3: faceVolumeMm3({
      edgeLengthMm: face.edgeLengthMm,
      faceWidthMm: contactWidthMm,
      shiftMm,
    }),
  };
}
