import { deviation, mean, sum } from 'd3-array';
import { strokesOfSet, type HeldStroke, type HoldReading } from './strokesOfSet';

/** A figure with its standard error. */
interface Estimate {
  value: number;
  se: number;
}

export interface SetStudy {
  strokes: HeldStroke[];
  meanDeg: Estimate;
  /** Scatter of the strokes at like places, after drift and direction; null under three strokes. */
  wobbleDeg: Estimate | null;
  /** How much steeper the last stroke is than the first; null under twenty strokes: they do not know. */
  driftDeg: Estimate | null;
  /** How much steeper the back strokes are; null where directions are not told. */
  backSteeperDeg: Estimate | null;
  /** How much higher it is held at the far end of a stroke, belly and tip, than on its first half. */
  bellyLiftDeg: Estimate | null;
  /** Share of the strokes whose mean lies within the band. */
  heldShare: number;
}

/** A set of fewer strokes knows nothing of a drift. */
const DRIFT_STROKES = 20;
const FEWEST_STROKES = 3;
/** What one reading of a turn is off by, over a quarter of a stroke (degrees). */
const QUARTER_NOISE_DEG = 0.05;

/** A set of strokes on the stone: each with its mean angle, and how the hand held (standard errors beside each). */
export function studySet(input: {
  readings: readonly HoldReading[];
  zeroDeg: number;
  /** The angle that is meant, and how far from it is held (degrees). */
  meantDeg: number;
  bandDeg: number;
}): SetStudy {
  const { readings, zeroDeg, meantDeg, bandDeg } = input;
  const strokes = strokesOfSet(readings, zeroDeg, meantDeg);
  return { strokes, ...figuresOf(strokes, meantDeg, bandDeg) };
}

function figuresOf(
  strokes: readonly HeldStroke[],
  meantDeg: number,
  bandDeg: number,
): Omit<SetStudy, 'strokes'> {
  const count = strokes.length;
  const means = strokes.map(({ meanDeg }) => meanDeg);
  const heldShare = count
    ? means.filter((deg) => Math.abs(deg - meantDeg) <= bandDeg).length / count
    : 0;
  const meanDeg = mean(means) ?? NaN;
  if (count < FEWEST_STROKES)
    return {
      meanDeg: { value: meanDeg, se: Infinity },
      wobbleDeg: null,
      driftDeg: null,
      backSteeperDeg: null,
      bellyLiftDeg: null,
      heldShare,
    };
  const fit = fitted(strokes);
  const quarters = [0, 1, 2, 3].map((quarter) =>
    deviation(strokes.map((stroke, i) => stroke.quartersDeg[quarter]! - fit.expected(i)))!,
  );
  // Degrees of freedom: a mean, a slope and, where they are told, two directions.
  const free = (count - 1) / Math.max(1, count - fit.parameters);
  const raw = mean(quarters, (sd) => sd ** 2)! * free;
  const wobble = Math.sqrt(Math.max(0, raw - QUARTER_NOISE_DEG ** 2));
  const spread = sum(means, (_, i) => (i - (count - 1) / 2) ** 2);
  return {
    meanDeg: { value: meanDeg, se: wobble / Math.sqrt(count) },
    wobbleDeg: { value: wobble, se: wobble / Math.sqrt(2 * count) },
    driftDeg:
      count < DRIFT_STROKES
        ? null
        : { value: fit.slope * (count - 1), se: (wobble * (count - 1)) / Math.sqrt(spread) },
    backSteeperDeg:
      fit.back === null ? null : { value: fit.back, se: (2 * wobble) / Math.sqrt(count) },
    bellyLiftDeg: bellyLift(strokes),
    heldShare,
  };
}

/** A stroke out ends at belly and tip, one back begins there; by itself each is told over what it holds on the straight. */
function bellyLift(strokes: readonly HeldStroke[]): Estimate {
  const lifts = strokes.map(({ quartersDeg, way }) => {
    const [first, second, , last] = way === 'back' ? quartersDeg.toReversed() : quartersDeg;
    return last! - (first! + second!) / 2;
  });
  return { value: mean(lifts)!, se: deviation(lifts)! / Math.sqrt(lifts.length) };
}

/** Least squares of a mean, a drift from stroke to stroke and, where it is told, what the back strokes add. */
function fitted(strokes: readonly HeldStroke[]) {
  const count = strokes.length;
  const middle = (count - 1) / 2;
  const means = strokes.map(({ meanDeg }) => meanDeg);
  const all = mean(means)!;
  const ways = strokes.map(({ way }) => (way === 'back' ? 1 : 0));
  const isTold = strokes.every(({ way }) => way !== 'not told') && new Set(ways).size > 1;
  const x = means.map((_, i) => i - middle);
  const w = isTold ? ways.map((way) => way - mean(ways)!) : ways.map(() => 0);
  const [xx, ww, xw] = [sum(x, (v) => v * v), sum(w, (v) => v * v), sum(x, (v, i) => v * w[i]!)];
  const [xy, wy] = [
    sum(x, (v, i) => v * (means[i]! - all)),
    sum(w, (v, i) => v * (means[i]! - all)),
  ];
  const det = isTold ? xx * ww - xw * xw : xx;
  const slope = isTold ? (xy * ww - wy * xw) / det : xy / det;
  const back = isTold ? (wy * xx - xy * xw) / det : null;
  return {
    slope,
    back,
    parameters: isTold ? 3 : 2,
    expected: (i: number): number => all + slope * x[i]! + (back ?? 0) * w[i]!,
  };
}
