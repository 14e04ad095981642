import { edgeAngle, faceAngle, notNegative, positive } from '../check';
import { sinDeg } from '../trigonometry';

interface Taper {
  /** Half angle of the faces behind the bevel. */
  primaryAngleDeg: number;
  bevelAngleDeg: number;
  faceWidthMm: number;
}

/** How much wider (mm) the bevel grows for each mm the apex recedes: sin α / sin(θ − α). */
export function wideningPerRecession(input: Pick<Taper, 'primaryAngleDeg' | 'bevelAngleDeg'>) {
  const bevelDeg = edgeAngle(input.bevelAngleDeg, 'bevelAngleDeg');
  const primaryDeg = faceAngle(input.primaryAngleDeg, 'primaryAngleDeg', bevelDeg);
  return sinDeg(primaryDeg) / sinDeg(bevelDeg - primaryDeg);
}

/**
 * Width of the bevel face and thickness at its shoulder (mm) after the apex has receded by
 * `recessionMm` through touch-ups at the same angle on a taper.
 */
export function bevelGrowth(input: Taper & { recessionMm: number }): {
  faceWidthMm: number;
  shoulderThicknessMm: number;
} {
  const faceWidthMm =
    positive(input.faceWidthMm, 'faceWidthMm') +
    notNegative(input.recessionMm, 'recessionMm') * wideningPerRecession(input);
  return { faceWidthMm, shoulderThicknessMm: 2 * faceWidthMm * sinDeg(input.bevelAngleDeg) };
}

/**
 * Touch-ups left until the bevel passes `faceWidthLimitMm`, at a mean recession each; 0 when it is
 * past already, `Infinity` where the bevel does not grow (parallel faces).
 */
export function touchUpsUntilThinning(
  input: Taper & { faceWidthLimitMm: number; recessionPerTouchUpMm: number },
): number {
  const roomMm = positive(input.faceWidthLimitMm, 'faceWidthLimitMm') - input.faceWidthMm;
  if (roomMm <= 0) return 0;
  const eachMm =
    positive(input.recessionPerTouchUpMm, 'recessionPerTouchUpMm') * wideningPerRecession(input);
  return eachMm === 0 ? Infinity : Math.floor(roomMm / eachMm);
}
