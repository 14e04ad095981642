import { sum } from 'd3-array';
import { inRange, notNegative, positive } from '../check';
import { asinDeg, atanDeg } from '../trigonometry';
import { bevelAngleFromFaceWidth, bevelAngleFromHeight } from './bevelAngle';
import { angleFromSpineLift } from './spineLift';
import { paperFoldAngle } from './wedge';

/** The tool that an angle is looked for on; angles per side. */
export interface MeasuredTool {
  bladeWidthMm: number;
  spineThicknessMm: number;
  shoulderThicknessMm: number;
  /** Half angle of the faces behind the bevel: what a wedge or a stone lies on. */
  faceAngleDeg: number;
}

export type AngleMethodId =
  'face' | 'height' | 'behind' | 'lift' | 'coins' | 'fold' | 'wedge' | 'stone';

/** One way to find an angle by hand: what is measured, and the angle that follows. */
export interface AngleMethodRule {
  id: AngleMethodId;
  measures: readonly { name: string; unit: string; errorMm: number }[];
  angle: (measures: readonly number[], tool: MeasuredTool) => number;
}

/** A ruler is read to this, a calliper to that (mm). */
const RULER_MM = 0.25;
const CALLIPER_MM = 0.05;

const mm = (name: string, errorMm = RULER_MM) => ({
  name,
  unit: 'mm',
  errorMm,
});

/** Every way to find a bevel angle with what lies about. */
export const ANGLE_METHOD_RULES: readonly AngleMethodRule[] = [
  {
    id: 'face',
    measures: [mm('face'), mm('thickness', CALLIPER_MM)],
    angle: ([faceWidthMm, thicknessMm]) =>
      bevelAngleFromFaceWidth({ faceWidthMm: faceWidthMm!, thicknessMm: thicknessMm! }),
  },
  {
    id: 'height',
    measures: [mm('height'), mm('thickness', CALLIPER_MM)],
    angle: ([heightMm, thicknessMm]) =>
      bevelAngleFromHeight({ heightMm: heightMm!, thicknessMm: thicknessMm! }),
  },
  {
    id: 'behind',
    measures: [mm('thickness', CALLIPER_MM), mm('distance', CALLIPER_MM)],
    angle: ([thicknessMm, distanceMm]) =>
      atanDeg(positive(thicknessMm!, 'thickness') / 2 / positive(distanceMm!, 'distance')),
  },
  {
    id: 'lift',
    measures: [mm('lift')],
    angle: ([liftMm], tool) => angleFromSpineLift({ ...tool, liftMm: liftMm! }),
  },
  {
    id: 'coins',
    measures: [{ name: 'coins', unit: 'coins', errorMm: 0.25 }, mm('thickness', CALLIPER_MM)],
    angle: ([coins, coinMm], tool) =>
      angleFromSpineLift({ ...tool, liftMm: positive(coins!, 'coins') * coinMm! }),
  },
  {
    id: 'fold',
    measures: [{ name: 'folds', unit: 'folds', errorMm: 0 }],
    angle: ([folds], tool) => paperFoldAngle({ folds: folds! }) + tool.faceAngleDeg,
  },
  {
    id: 'wedge',
    measures: [mm('height'), mm('base')],
    angle: ([heightMm, baseMm], tool) =>
      atanDeg(positive(heightMm!, 'height') / positive(baseMm!, 'base')) + tool.faceAngleDeg,
  },
  {
    id: 'stone',
    measures: [mm('lift'), mm('distance')],
    angle: ([liftMm, distanceMm], tool) => {
      const reachMm = positive(distanceMm!, 'distance');
      return asinDeg(inRange(liftMm!, 'lift', 0, reachMm) / reachMm) + tool.faceAngleDeg;
    },
  },
];

/** An angle per side with its error from the errors of the measures, one standard deviation. */
export interface FoundAngle {
  angleDeg: number;
  errorDeg: number;
}

/** A hand holds no steadier than this, whatever the ruler says (degrees). */
const HAND_DEG = 0.5;

/**
 * The angle by one method, and its error: each measure is moved by its own error in turn, the
 * changes combined as independent, the hand's steadiness added. Throws a `RangeError` that names
 * the measure.
 */
export function findAngle(
  rule: AngleMethodRule,
  measures: readonly number[],
  tool: MeasuredTool,
): FoundAngle {
  rule.measures.forEach(({ name }, i) => notNegative(measures[i] ?? NaN, name));
  const angleDeg = rule.angle(measures, tool);
  const changes = rule.measures.map(({ errorMm }, i) => {
    const moved = measures.map((value, j) => (i === j ? value + errorMm : value));
    return errorMm === 0 ? 0 : rule.angle(moved, tool) - angleDeg;
  });
  return { angleDeg, errorDeg: Math.hypot(HAND_DEG, ...changes) };
}

/**
 * Several methods together: the mean weighted by inverse variance, and whether they agree, each
 * within two of its errors of the mean.
 */
export function agreement(found: readonly FoundAngle[]): FoundAngle & { agree: boolean } {
  if (found.length === 0) throw new RangeError('found must hold at least one angle');
  const weight = sum(found, ({ errorDeg }) => 1 / errorDeg ** 2);
  const angleDeg = sum(found, (f) => f.angleDeg / f.errorDeg ** 2) / weight;
  return {
    angleDeg,
    errorDeg: 1 / Math.sqrt(weight),
    agree: found.every((f) => Math.abs(f.angleDeg - angleDeg) <= 2 * f.errorDeg),
  };
}
