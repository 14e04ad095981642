import { inRange, positive } from '../check';
import { asinDeg, atanDeg, cosDeg, sinDeg } from '../trigonometry';

/**
 * Gap (mm) between the stone and the near corner of the spine, with the edge on the stone and the
 * blade's centre plane at `angleDeg` per side: W·sin θ − (T/2)·cos θ.
 *
 * Throws a `RangeError` below the angle at which the blade lies flat, where there is no gap.
 */
export function spineLift(input: {
  bladeWidthMm: number;
  spineThicknessMm: number;
  angleDeg: number;
}): number {
  const { bladeWidthMm, spineThicknessMm, angleDeg } = input;
  const flatDeg = flatAngle({ bladeWidthMm, spineThicknessMm });
  // Steel behind the edge is held flatter than any edge is ground.
  inRange(angleDeg, 'angleDeg', flatDeg, 60);
  return Math.max(0, bladeWidthMm * sinDeg(angleDeg) - (spineThicknessMm / 2) * cosDeg(angleDeg));
}

/**
 * The angle per side (degrees) at which the spine stands `liftMm` above the stone: the inverse of
 * `spineLift`. Lifts from 0 to √(W² + T²/4) are possible; others throw a `RangeError`.
 */
export function angleFromSpineLift(input: {
  bladeWidthMm: number;
  spineThicknessMm: number;
  liftMm: number;
}): number {
  const { bladeWidthMm, spineThicknessMm, liftMm } = input;
  const flatDeg = flatAngle({ bladeWidthMm, spineThicknessMm });
  const reachMm = Math.hypot(bladeWidthMm, spineThicknessMm / 2);
  return asinDeg(inRange(liftMm, 'liftMm', 0, reachMm) / reachMm) + flatDeg;
}

/** The angle per side (degrees) of a blade that lies flat, spine corner and edge both on the stone. */
export function flatAngle(input: { bladeWidthMm: number; spineThicknessMm: number }): number {
  return atanDeg(
    positive(input.spineThicknessMm, 'spineThicknessMm') /
      2 /
      positive(input.bladeWidthMm, 'bladeWidthMm'),
  );
}
