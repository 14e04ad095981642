import { positive } from '../check';
import { asinDeg, atanDeg } from '../trigonometry';

/**
 * Bevel angle per side (degrees) from the thickness at the shoulder and the width of the ground face.
 *
 * asin((t/2)/w). Throws a `RangeError` when the face is not wider than half the thickness.
 */
export function bevelAngleFromFaceWidth(input: {
  thicknessMm: number;
  faceWidthMm: number;
}): number {
  const halfMm = positive(input.thicknessMm, 'thicknessMm') / 2;
  const faceMm = positive(input.faceWidthMm, 'faceWidthMm');
  if (faceMm <= halfMm) {
    throw new RangeError(
      `faceWidthMm must be more than half of thicknessMm (${halfMm}), got ${faceMm}`,
    );
  }
  return asinDeg(halfMm / faceMm);
}

/**
 * Bevel angle per side (degrees) from the thickness at the shoulder and the height of the bevel,
 * measured along the blade's centre plane: atan((t/2)/h).
 */
export function bevelAngleFromHeight(input: { thicknessMm: number; heightMm: number }): number {
  return atanDeg(
    positive(input.thicknessMm, 'thicknessMm') / 2 / positive(input.heightMm, 'heightMm'),
  );
}
