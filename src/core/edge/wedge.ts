import { inRange, positive } from '../check';
import { tanDeg } from '../trigonometry';
import { stoneTilt } from './stoneOverTool';

/** Angle (degrees) of a square paper corner folded in half `folds` times: 90/2ⁿ. */
export function paperFoldAngle(input: { folds: number }): number {
  const folds = inRange(input.folds, 'folds', 0, 6);
  if (!Number.isInteger(folds)) throw new RangeError(`folds must be a whole number, got ${folds}`);
  return 90 / 2 ** folds;
}

/**
 * Height (mm) of a wedge with base `baseMm` that, laid under the blade's face, holds the edge at
 * `angleDeg` per side: b·tan(θ − α), α the half angle of the faces behind the bevel.
 */
export function wedgeHeight(input: {
  baseMm: number;
  angleDeg: number;
  primaryAngleDeg: number;
}): number {
  const tiltDeg = stoneTilt({ angleDeg: input.angleDeg, cheekAngleDeg: input.primaryAngleDeg });
  return positive(input.baseMm, 'baseMm') * tanDeg(tiltDeg);
}
