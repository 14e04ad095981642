import { edgeAngle, positive } from '../check';
import { sinDeg } from '../trigonometry';

/**
 * What a micro-bevel of face width w at `microAngleDeg` takes off a bevel ground to its apex:
 * recession w·sin Δ / sin θ (mm) and area ½·w²·sin Δ·sin θm / sin θ (mm² per side), Δ = θm − θ.
 *
 * Throws a `RangeError` when the micro-bevel is not steeper than its bevel.
 */
export function microbevel(input: {
  bevelAngleDeg: number;
  microAngleDeg: number;
  faceWidthMm: number;
}): { recessionMm: number; areaPerSideMm2: number } {
  const bevelDeg = edgeAngle(input.bevelAngleDeg, 'bevelAngleDeg');
  const microDeg = steeperThanBevel(input.microAngleDeg, bevelDeg);
  const faceMm = positive(input.faceWidthMm, 'faceWidthMm');
  const cut = sinDeg(microDeg - bevelDeg) / sinDeg(bevelDeg);
  return {
    recessionMm: faceMm * cut,
    areaPerSideMm2: 0.5 * faceMm ** 2 * cut * sinDeg(microDeg),
  };
}

/** The micro-bevel angle when it is an edge angle steeper than its bevel; a `RangeError` otherwise. */
export function steeperThanBevel(microAngleDeg: number, bevelAngleDeg: number): number {
  edgeAngle(microAngleDeg, 'microAngleDeg');
  if (microAngleDeg <= bevelAngleDeg) {
    throw new RangeError(
      `microAngleDeg must be more than bevelAngleDeg (${bevelAngleDeg}) and at most 60, got ${microAngleDeg}`,
    );
  }
  return microAngleDeg;
}
