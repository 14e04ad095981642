import { PRIORS } from '../priors';
import { leastSquares } from './leastSquares';

/** A point on a photo (px). */
export interface PhotoPoint {
  x: number;
  y: number;
  /** What it may be off by (px, one standard deviation): a finger on a small picture of it is off by more than a loupe. */
  offPx?: number;
}

/** What a point is off by; by itself a tap's least. */
export function offOf({ offPx = PRIORS.tapPx.value }: PhotoPoint): number {
  return offPx;
}

/** A coin's rim as it lies on a photo: an ellipse where the taps tell that it was seen askew, else a circle. */
export interface Rim {
  centre: PhotoPoint;
  semiMajor: number;
  semiMinor: number;
  /** How far it was seen askew (degrees; none where the taps cannot tell), and which way its long axis lies (from x). */
  tiltDeg: number;
  axisDeg: number;
  /** What a coin that lies straight seems to lean by, of taps alone (degrees): so much may be hidden. */
  tiltFloorDeg: number;
  /** Whether tilt could be seen at all: three taps cannot. */
  isTiltSeen: boolean;
}

/** Five points tell an ellipse. */
const ELLIPSE_POINTS = 5;
/** Axes that differ by so many times what taps alone make of a circle are an ellipse's (exp(-π), 4 %, are false ones). */
const TOLD = 2;
/** Taps cannot tell a coin that lies straight from one that is askew by less: its axes then differ by a pixel or two. */
const AXIS_NOISE = 1e-9;

/**
 * A coin's rim through taps on it: five or more, an ellipse by least squares of a conic around their middle, where it is
 * longer one way than the taps' own errors make it; else a circle, which the same taps tell better. Three or four tell
 * nothing of a tilt. Null where the points tell neither: on a line, or on another curve.
 */
export function fitRim({ points }: { points: readonly PhotoPoint[] }): Rim | null {
  const circle = circleThrough(points);
  if (points.length < ELLIPSE_POINTS) return circle;
  const ellipse = ellipseThrough(points);
  if (!ellipse || !circle) return null;
  const differPx = ellipse.semiMajor - ellipse.semiMinor;
  return differPx > TOLD * circleDiffers(points) ? ellipse : circle;
}

/** The same curve through the same taps moved: what was an ellipse stays one. */
export function refitRim(rim: Rim, points: readonly PhotoPoint[]): Rim | null {
  return rim.tiltDeg > 0 ? ellipseThrough(points) : circleThrough(points);
}

function circleThrough(points: readonly PhotoPoint[]): Rim | null {
  if (points.length < 3) return null;
  // x² + y² + D·x + E·y + F = 0
  const found = leastSquares(
    points.map(({ x, y }) => [x, y, 1]),
    points.map(({ x, y }) => -(x * x + y * y)),
  );
  if (!found) return null;
  const [d, e, f] = found as [number, number, number];
  const centre = { x: -d / 2, y: -e / 2 };
  const squared = centre.x ** 2 + centre.y ** 2 - f;
  if (!(squared > 0)) return null;
  const radius = Math.sqrt(squared);
  const isTiltSeen = points.length >= ELLIPSE_POINTS;
  return {
    centre,
    semiMajor: radius,
    semiMinor: radius,
    tiltDeg: 0,
    axisDeg: 0,
    tiltFloorDeg: isTiltSeen ? tiltFloor(points, radius) : 90,
    isTiltSeen,
  };
}

function ellipseThrough(points: readonly PhotoPoint[]): Rim | null {
  // Around the middle and to one scale, or the squares drown the rest.
  const middle = { x: meanOf(points, 'x'), y: meanOf(points, 'y') };
  const scale = Math.sqrt(
    meanOf(
      points.map(({ x, y }) => ({ x: (x - middle.x) ** 2 + (y - middle.y) ** 2, y: 0 })),
      'x',
    ),
  );
  if (!(scale > 0)) return null;
  const near = points.map(({ x, y }) => [(x - middle.x) / scale, (y - middle.y) / scale] as const);
  // A·x² + B·x·y + C·y² + D·x + E·y = 1 holds for an ellipse around the origin.
  const found = leastSquares(
    near.map(([x, y]) => [x * x, x * y, y * y, x, y]),
    near.map(() => 1),
  );
  if (!found) return null;
  const [a, b, c, d, e] = found as [number, number, number, number, number];
  const det = 4 * a * c - b * b;
  if (!(det > 0)) return null;
  const [x0, y0] = [(b * e - 2 * c * d) / det, (b * d - 2 * a * e) / det];
  const at = 1 + a * x0 * x0 + b * x0 * y0 + c * y0 * y0;
  const half = Math.hypot((a - c) / 2, b / 2);
  const middleOf = (a + c) / 2;
  const [least, most] = [at / (middleOf + half), at / (middleOf - half)];
  if (!(least > 0 && most > 0)) return null;
  const [semiMinor, semiMajor] = [Math.sqrt(least) * scale, Math.sqrt(most) * scale];
  const axisDeg = half < AXIS_NOISE ? 0 : (90 / Math.PI) * Math.atan2(-b, c - a);
  return {
    centre: { x: middle.x + scale * x0, y: middle.y + scale * y0 },
    semiMajor,
    semiMinor,
    tiltDeg: (180 / Math.PI) * Math.acos(Math.min(1, semiMinor / semiMajor)),
    axisDeg,
    tiltFloorDeg: tiltFloor(points, semiMajor),
    isTiltSeen: true,
  };
}

/**
 * Taps that are off by their own error make axes of a circle that differ by twice the length of a vector of two normal
 * parts, each of error · √(2/n); its mean is √(π/2) of one (Rayleigh).
 */
function circleDiffers(points: readonly PhotoPoint[]): number {
  const squares = points.map((point) => offOf(point) ** 2);
  const offPx = Math.sqrt(squares.reduce((sum, square) => sum + square, 0) / points.length);
  return 2 * Math.sqrt(Math.PI / 2) * offPx * Math.sqrt(2 / points.length);
}

function tiltFloor(points: readonly PhotoPoint[], semiMajor: number): number {
  return (180 / Math.PI) * Math.acos(Math.max(0, 1 - circleDiffers(points) / semiMajor));
}

function meanOf(points: readonly PhotoPoint[], of: 'x' | 'y'): number {
  return points.reduce((sum, point) => sum + point[of], 0) / points.length;
}
