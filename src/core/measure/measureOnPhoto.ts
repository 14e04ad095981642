import { positive } from '../check';
import { PRIORS } from '../priors';
import { fitRim, offOf, refitRim, type PhotoPoint, type Rim } from './rim';

/** A length on a photo, with one standard deviation; `sdMm` is null where the photo was taken too much askew. */
export interface PhotoLength {
  mm: number;
  sdMm: number | null;
}

/** From here on a flatter photo is asked for, and from there on no ± is given (degrees). */
export const ASKEW_DEG = 8;
export const TOO_ASKEW_DEG = 15;
/** How far off the eye a phone is held (mm) where nobody says, and how far edge and coin differ in height. */
const USUAL_DISTANCE_MM = PRIORS.photoDistanceMm.value;
const PERSPECTIVE = 0.7;
/** Tilt that taps do not see is no more than this (degrees, prior). */
const UNSEEN_TILT_DEG = 10;

/**
 * A length between two points in the plane of a coin of a known diameter: the map that makes its rim a circle of that
 * size. The ± is of the taps (each by its own), of the rim that they gave, of how a rim is seen, of a tilt that they do
 * not see, of a height that differs from the coin's, and of perspective: 0.7 · length · distance from the coin · sin
 * tilt / distance of the eye.
 */
export function measureOnPhoto(input: {
  rimPoints: readonly PhotoPoint[];
  coinDiameterMm: number;
  from: PhotoPoint;
  to: PhotoPoint;
  /** How far the points may lie above or below the coin's face; a card under it keeps it small. */
  heightErrorMm?: number;
  /** What the coin is off by across, as it is seen: its rim is round, and lit from one side. */
  rimErrorMm?: number;
  distanceMm?: number;
}): PhotoLength | null {
  const { rimPoints, coinDiameterMm, from, to } = input;
  const { heightErrorMm = 0, rimErrorMm = 0, distanceMm = USUAL_DISTANCE_MM } = input;
  positive(coinDiameterMm, 'coinDiameterMm');
  const rim = fitRim({ points: rimPoints });
  if (!rim) return null;
  const mm = lengthBy(rim, coinDiameterMm, from, to);
  if (rim.tiltDeg > TOO_ASKEW_DEG) return { mm, sdMm: null };
  const moved = (points: readonly PhotoPoint[], a: PhotoPoint, b: PhotoPoint): number => {
    const again = refitRim(rim, points);
    return again ? lengthBy(again, coinDiameterMm, a, b) - mm : 0;
  };
  // Every tap is moved by its own error in turn: differences combined as independent.
  const nudges = (['x', 'y'] as const).flatMap((way) => [
    moved(rimPoints, nudged(from, way), to),
    moved(rimPoints, from, nudged(to, way)),
    ...rimPoints.map((_, i) =>
      moved(
        rimPoints.map((point, k) => (k === i ? nudged(point, way) : point)),
        from,
        to,
      ),
    ),
  ]);
  const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const offMm = lengthBy(rim, coinDiameterMm, rim.centre, middle);
  const hiddenDeg = rim.tiltDeg > 0 ? 0 : Math.min(UNSEEN_TILT_DEG, rim.tiltFloorDeg);
  const tiltDeg = rim.tiltDeg || hiddenDeg;
  const perspective = (PERSPECTIVE * mm * offMm * Math.sin((tiltDeg * Math.PI) / 180)) / distanceMm;
  const unseen = mm * (1 - Math.cos((hiddenDeg * Math.PI) / 180));
  const height = (mm * heightErrorMm) / distanceMm;
  const size = (mm * rimErrorMm) / coinDiameterMm;
  return { mm, sdMm: Math.hypot(...nudges, perspective, unseen, height, size) };
}

function nudged(point: PhotoPoint, way: 'x' | 'y'): PhotoPoint {
  return { ...point, [way]: point[way] + offOf(point) };
}

/** Where a point of a photo lies in the coin's own plane (mm from its middle): along the ellipse's axes each has its own scale. */
export function inCoinsPlane(rim: Rim, coinDiameterMm: number, { x, y }: PhotoPoint): PhotoPoint {
  const { centre, semiMajor, semiMinor, axisDeg } = rim;
  const axis = (axisDeg * Math.PI) / 180;
  const [cos, sin] = [Math.cos(axis), Math.sin(axis)];
  const [dx, dy] = [x - centre.x, y - centre.y];
  const radiusMm = coinDiameterMm / 2;
  const along = ((dx * cos + dy * sin) * radiusMm) / semiMajor;
  const across = ((-dx * sin + dy * cos) * radiusMm) / semiMinor;
  return { x: along * cos - across * sin, y: along * sin + across * cos };
}

function lengthBy(rim: Rim, coinDiameterMm: number, from: PhotoPoint, to: PhotoPoint): number {
  const [a, b] = [inCoinsPlane(rim, coinDiameterMm, from), inCoinsPlane(rim, coinDiameterMm, to)];
  return Math.hypot(b.x - a.x, b.y - a.y);
}

/** How deep a point lies behind the line through an edge's two points, square to it, in the same map (mm). */
export function depthOnPhoto(
  input: Omit<Parameters<typeof measureOnPhoto>[0], 'from' | 'to'> & {
    edge: readonly [PhotoPoint, PhotoPoint];
    floor: PhotoPoint;
  },
): PhotoLength | null {
  const { edge, floor, ...rest } = input;
  const [a, b] = edge;
  const share =
    ((floor.x - a.x) * (b.x - a.x) + (floor.y - a.y) * (b.y - a.y)) /
    ((b.x - a.x) ** 2 + (b.y - a.y) ** 2);
  const foot = {
    x: a.x + share * (b.x - a.x),
    y: a.y + share * (b.y - a.y),
    offPx: Math.max(offOf(a), offOf(b)),
  };
  return measureOnPhoto({ ...rest, from: foot, to: floor });
}
