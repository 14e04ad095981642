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

/** One way to find an angle by hand: what is measured, and the angle that follows. */
export interface AngleMethodRule {
  id: string;
  name: string;
  /** What to do, in a sentence. */
  how: string;
  measures: readonly { name: string; label: string; unit: string; errorMm: number }[];
  angle: (measures: readonly number[], tool: MeasuredTool) => number;
}

/** A ruler is read to this, a calliper to that (mm). */
const RULER_MM = 0.25;
const CALLIPER_MM = 0.05;

const mm = (name: string, label: string, errorMm = RULER_MM) => ({
  name,
  label,
  unit: 'mm',
  errorMm,
});

/** Every way to find a bevel angle with what lies about. */
export const ANGLE_METHOD_RULES: readonly AngleMethodRule[] = [
  {
    id: 'face',
    name: 'Bevel face',
    how: 'Measure the ground face from shoulder to edge, and the thickness at the shoulder.',
    measures: [mm('face', 'face'), mm('thickness', 'thickness at the shoulder', CALLIPER_MM)],
    angle: ([faceWidthMm, thicknessMm]) =>
      bevelAngleFromFaceWidth({ faceWidthMm: faceWidthMm!, thicknessMm: thicknessMm! }),
  },
  {
    id: 'height',
    name: 'Bevel height',
    how: 'Measure from the edge straight up the blade to the shoulder, and the thickness there.',
    measures: [mm('height', 'height'), mm('thickness', 'thickness at the shoulder', CALLIPER_MM)],
    angle: ([heightMm, thicknessMm]) =>
      bevelAngleFromHeight({ heightMm: heightMm!, thicknessMm: thicknessMm! }),
  },
  {
    id: 'behind',
    name: 'Thickness behind the edge',
    how: 'Close a calliper on the bevel a known way behind the edge.',
    measures: [
      mm('thickness', 'thickness', CALLIPER_MM),
      mm('distance', 'behind the edge', CALLIPER_MM),
    ],
    angle: ([thicknessMm, distanceMm]) =>
      atanDeg(positive(thicknessMm!, 'thickness') / 2 / positive(distanceMm!, 'distance')),
  },
  {
    id: 'lift',
    name: 'Spine lift',
    how: 'Ink the bevel and lift the spine until the ink goes right to the edge; measure the gap under it.',
    measures: [mm('lift', 'gap under the spine')],
    angle: ([liftMm], tool) => angleFromSpineLift({ ...tool, liftMm: liftMm! }),
  },
  {
    id: 'coins',
    name: 'Coin stack',
    how: 'Stack coins under the spine until the ink goes right to the edge.',
    measures: [
      { name: 'coins', label: 'coins', unit: 'coins', errorMm: 0.25 },
      mm('thickness', 'one coin', CALLIPER_MM),
    ],
    angle: ([coins, coinMm], tool) =>
      angleFromSpineLift({ ...tool, liftMm: positive(coins!, 'coins') * coinMm! }),
  },
  {
    id: 'fold',
    name: 'Paper fold',
    how: 'Fold a square corner in half, again and again, and lay the blade’s face on the wedge.',
    measures: [{ name: 'folds', label: 'folds', unit: 'folds', errorMm: 0 }],
    angle: ([folds], tool) => paperFoldAngle({ folds: folds! }) + tool.faceAngleDeg,
  },
  {
    id: 'wedge',
    name: 'Wedge',
    how: 'Lay the blade’s face on a wedge that meets the bevel; measure the wedge.',
    measures: [mm('height', 'height'), mm('base', 'base')],
    angle: ([heightMm, baseMm], tool) =>
      atanDeg(positive(heightMm!, 'height') / positive(baseMm!, 'base')) + tool.faceAngleDeg,
  },
  {
    id: 'stone',
    name: 'Stone over the tool',
    how: 'Brace the tool, lay the stone on its cheek and raise the rear until the dark line at the edge closes.',
    measures: [mm('lift', 'rear of the stone up'), mm('distance', 'edge to the rear')],
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
  rule.measures.forEach(({ label }, i) => notNegative(measures[i] ?? NaN, label));
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
