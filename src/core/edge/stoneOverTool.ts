import { faceAngle, heldAngle, positive } from '../check';
import { sinDeg } from '../trigonometry';

/**
 * Tilt (degrees) of a stone away from the cheek it is moved over, so that it meets the edge at
 * `angleDeg` per side: θ − cheek angle. A sensor or wedge laid on a blade's face reads the same.
 */
export function stoneTilt(input: { angleDeg: number; cheekAngleDeg: number }): number {
  const angleDeg = heldAngle(input.angleDeg, 'angleDeg');
  return angleDeg - faceAngle(input.cheekAngleDeg, 'cheekAngleDeg', angleDeg);
}

/** Lift (mm) of a puck's rear rim above the cheek: distance from apex to rear rim times sin(tilt). */
export function puckRearLift(input: {
  apexToRearRimMm: number;
  angleDeg: number;
  cheekAngleDeg: number;
}): number {
  return positive(input.apexToRearRimMm, 'apexToRearRimMm') * sinDeg(stoneTilt(input));
}
