import { edgeAngle, faceAngle, notNegative, positive } from '../check';
import { cosDeg, tanDeg } from '../trigonometry';
import { steeperThanBevel } from './microbevel';

/** A straight-sided section behind the present apex; lengths in mm, angles per side. */
export interface StraightSection {
  bevelAngleDeg: number;
  microAngleDeg?: number;
  microFaceWidthMm?: number;
  /** Half angle of the faces behind the bevel; with `bevelFaceWidthMm` only. */
  primaryAngleDeg?: number;
  /** Width of the bevel face as it shows behind any micro-bevel; endless when left out. */
  bevelFaceWidthMm?: number;
  stockThicknessMm?: number;
}

/**
 * Thickness of both sides together (mm), `distanceMm` behind the present apex along the centre
 * plane, capped at the stock.
 */
export function thicknessBehindEdge(input: StraightSection & { distanceMm: number }): number {
  const bevelDeg = edgeAngle(input.bevelAngleDeg, 'bevelAngleDeg');
  let leftMm = notNegative(input.distanceMm, 'distanceMm');
  let halfMm = 0;
  const climb = (angleDeg: number, heightMm: number): void => {
    const stepMm = Math.min(leftMm, heightMm);
    halfMm += stepMm * tanDeg(angleDeg);
    leftMm -= stepMm;
  };

  if (input.microAngleDeg !== undefined && input.microFaceWidthMm !== undefined) {
    const microDeg = steeperThanBevel(input.microAngleDeg, bevelDeg);
    climb(microDeg, positive(input.microFaceWidthMm, 'microFaceWidthMm') * cosDeg(microDeg));
  }
  if (input.bevelFaceWidthMm === undefined) {
    climb(bevelDeg, Infinity);
  } else {
    climb(bevelDeg, positive(input.bevelFaceWidthMm, 'bevelFaceWidthMm') * cosDeg(bevelDeg));
    climb(faceAngle(input.primaryAngleDeg ?? 0, 'primaryAngleDeg', bevelDeg), Infinity);
  }
  const capMm =
    input.stockThicknessMm === undefined
      ? Infinity
      : positive(input.stockThicknessMm, 'stockThicknessMm');
  return Math.min(2 * halfMm, capMm);
}
