import { edgeAngle, faceAngle, notNegative, positive } from '../check';
import { microbevel } from '../edge';
import { sinDeg } from '../trigonometry';
import type { WorkedBand } from './workedBand';
import { PRIORS } from '../priors';

/** How far (mm) each face moves to restore an apex of radius r: r·(1 − sin θ). */
export function roundingShiftMm(input: { apexRadiusUm: number; angleDeg: number }): number {
  const angleDeg = edgeAngle(input.angleDeg, 'angleDeg');
  return (notNegative(input.apexRadiusUm, 'apexRadiusUm') / 1000) * (1 - sinDeg(angleDeg));
}

/** How far (mm) a touch-up takes the apex back: its damage, or r·(1 − sin θ)/sin θ for its rounding. */
export function apexRecessionMm(input: {
  apexRadiusUm: number;
  damageDepthMm: number;
  angleDeg: number;
}): number {
  const damageDepthMm = notNegative(input.damageDepthMm, 'damageDepthMm');
  return Math.max(damageDepthMm, roundingShiftMm(input) / sinDeg(input.angleDeg));
}

/** How far (mm) each face moves to take out the scratches of an abrasive of size d: 0.09·d. */
export function scratchShiftMm(input: { sizeUm: number }): number {
  return (PRIORS.scratchShare.value * notNegative(input.sizeUm, 'sizeUm')) / 1000;
}

/**
 * Volume (mm³) of working a band along `lengthMm` of both sides: V = 4·L·A. Half of a wobbling hand's
 * strokes fall below the apex and only polish the shoulder.
 */
export function bandVolumeMm3(input: {
  lengthMm: number;
  band: Pick<WorkedBand, 'areaPerSideMm2'>;
}): number {
  return 4 * positive(input.lengthMm, 'lengthMm') * input.band.areaPerSideMm2;
}

/** Volume (mm³, both sides) of moving a face of width w by `shiftMm` over the worked length. */
export function faceVolumeMm3(input: {
  edgeLengthMm: number;
  faceWidthMm: number;
  shiftMm: number;
}): number {
  return (
    2 *
    positive(input.edgeLengthMm, 'edgeLengthMm') *
    positive(input.faceWidthMm, 'faceWidthMm') *
    notNegative(input.shiftMm, 'shiftMm')
  );
}

/**
 * Volume (mm³, both sides) of grinding the whole face back past damage of depth d:
 * 2·L·sin θ·(w·d + ½·d²·sin α / sin(θ − α)), α the half angle of the face behind the bevel.
 */
export function damageVolumeMm3(input: {
  edgeLengthMm: number;
  faceWidthMm: number;
  angleDeg: number;
  behindAngleDeg: number;
  depthMm: number;
}): number {
  const angleDeg = edgeAngle(input.angleDeg, 'angleDeg');
  const behindDeg = faceAngle(input.behindAngleDeg, 'behindAngleDeg', angleDeg);
  const depthMm = notNegative(input.depthMm, 'depthMm');
  const widening = sinDeg(behindDeg) / sinDeg(angleDeg - behindDeg);
  return (
    2 *
    positive(input.edgeLengthMm, 'edgeLengthMm') *
    sinDeg(angleDeg) *
    (positive(input.faceWidthMm, 'faceWidthMm') * depthMm + 0.5 * depthMm ** 2 * widening)
  );
}

/** Volume (mm³, both sides) of a new micro-bevel along `edgeLengthMm`. */
export function microbevelVolumeMm3(
  input: { edgeLengthMm: number } & Parameters<typeof microbevel>[0],
): number {
  return 2 * positive(input.edgeLengthMm, 'edgeLengthMm') * microbevel(input).areaPerSideMm2;
}
