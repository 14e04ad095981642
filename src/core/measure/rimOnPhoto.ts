import { greatest } from 'd3-array';
import { Draws } from '../random';
import { leastSquares } from './leastSquares';
import { acrossRim, type Peak } from './rimRays';
import { robust } from './robust';
import type { Raster } from './raster';
import { fitRim, offOf, type PhotoPoint, type Rim } from './rim';

// Looked up once: these are called millions of times.
const { PI, abs, cos, floor, hypot, max, sin, sqrt } = Math;

/** A curve around the taps' own: δ(φ) = a₀ + a₁·cos φ + b₁·sin φ + a₂·cos 2φ + b₂·sin 2φ; an ellipse near a circle. */
type Curve = readonly number[];
type Basis = readonly number[];

/** A change on a ray that goes a known way. */
interface OnRay {
  basis: Basis;
  beyond: number;
}

interface Looked {
  basis: Basis;
  peaks: readonly Peak[];
}

/** A curve, the share of the rays that see it, and what that is worth the more askew it is. */
interface Tried {
  curve: Curve;
  seen: number;
  worth: number;
}

/** So many curves are tried, each through five changes of the picture that were drawn. */
const TRIES = 400;
/** A change that lies so near a curve (px) is of it. */
const NEAR_PX = 1.2;
/** A rim is seen where so many of the rays find it, weighed by how sharp it is beside all else on its ray; and may be
 * one, to be looked at again, where fewer do. On made-up coins what is wrong is hardly ever seen by more than 0.86. */
const SEEN_SHARE = 0.88;
const GUESSED_SHARE = 0.2;
const ROUNDS = 3;
/** A coin has lines of its own inside: of two around one middle the outer is its rim where it is seen nearly as well; where
 * it is seen only partly, nobody knows. */
const NEARLY = 0.7;
const PARTLY = 0.6;
/** A phone is held level within a few degrees: axes that differ by so much of the radius are half as likely. */
const ASKEW_SHARE = 0.03;
/** A tap lies no further off its rim than so many of its own errors, and a pixel of the picture. */
const WITHIN = 3;
/** A rim that was found is looked at again so far from it (share of its radius). */
const AGAIN_SHARE = 0.06;
/** A change so close to the curve is the rim's (px); one that is off by so many scatters is left out. */
const CLOSE_PX = 2.5;
const OUTLIER = 3;
/** So many points say as much as all that were seen: whatever is measured by them moves each in turn. */
const POINTS = 20;
/** A point that was seen is no better than this (px). */
const LEAST_OFF_PX = 0.3;
const SEED = 20_260;

/**
 * A coin's rim as the picture itself shows it near the taps: points on it, each with what it is off by (px). Changes of
 * colour along rays from its middle, the curve that most of them share (random sample consensus, Fischler and Bolles
 * 1981). Null where none is seen all around, or none that the taps agree with.
 */
export function rimOnPhoto(input: {
  raster: Raster;
  taps: readonly PhotoPoint[];
}): PhotoPoint[] | null {
  const { raster, taps } = input;
  const tapped = fitRim({ points: taps });
  if (!tapped) return null;
  const offPx = sqrt(taps.reduce((sum, tap) => sum + offOf(tap) ** 2, 0) / taps.length);
  // Rough taps make an ellipse of a circle sooner than the photo does.
  const radius = sqrt(tapped.semiMajor * tapped.semiMinor);
  let near: Rim = { ...tapped, semiMajor: radius, semiMinor: radius };
  let reachPx = WITHIN * offPx;
  // From nearer its own middle a rim is seen more evenly.
  for (let round = 1; ; round += 1) {
    const isLast = round === ROUNDS;
    const points = seenNear(
      raster,
      near,
      { reachPx, least: isLast ? SEEN_SHARE : GUESSED_SHARE },
      taps,
    );
    const rim = points && fitRim({ points });
    if (!rim || isLast) return rim && points;
    near = rim;
    reachPx = max(reachPx / 2, AGAIN_SHARE * rim.semiMinor);
  }
}

/** Points on the rim that is seen within a reach of a curve, and that the taps agree with. */
function seenNear(
  raster: Raster,
  near: Rim,
  { reachPx, least }: { reachPx: number; least: number },
  taps: readonly PhotoPoint[],
): PhotoPoint[] | null {
  const across = acrossRim(raster, near, reachPx);
  if (!across) return null;
  const { placeOf, pointAt } = across;
  const rays = across.rays.map(({ turn, peaks }) => ({ basis: basisOf(turn), peaks }));
  const tapped = taps.map((tap) => {
    const { turn, beyond } = placeOf(tap);
    return { basis: basisOf(turn), beyond, within: WITHIN * offOf(tap) + 1 };
  });
  const agrees = (curve: Curve): boolean =>
    tapped.every(({ basis, beyond, within }) => abs(beyond - at(curve, basis)) <= within);
  const found = shared(rays, ASKEW_SHARE * near.semiMinor, agrees);
  if (!found || found.seen < least) return null;
  const points = rays.flatMap(({ basis, peaks }) => {
    const wanted = at(found.curve, basis);
    const close = peaks.filter(({ beyond }) => abs(beyond - wanted) <= CLOSE_PX);
    return close.length > 0 ? [{ basis, beyond: sharpest(close).beyond }] : [];
  });
  const fine = through(points);
  if (!fine || !agrees(fine)) return null;
  const offs = points.map(({ basis, beyond }) => beyond - at(fine, basis));
  const offPx = max(LEAST_OFF_PX, robust(offs).sd);
  const seen = points.filter((_, i) => abs(offs[i]!) <= OUTLIER * offPx);
  const rim = through(seen);
  if (!rim) return null;
  const each = offPx * sqrt(POINTS / seen.length);
  return Array.from({ length: POINTS }, (_, i) => {
    const turn = (2 * PI * i) / POINTS;
    return { ...pointAt(turn, at(rim, basisOf(turn))), offPx: each };
  });
}

/** What a curve's five parts are multiplied by in a direction. */
function basisOf(turn: number): Basis {
  return [1, cos(turn), sin(turn), cos(2 * turn), sin(2 * turn)];
}

function at(curve: Curve, basis: Basis): number {
  let sum = 0;
  for (let i = 0; i < basis.length; i += 1) sum += curve[i]! * basis[i]!;
  return sum;
}

function through(points: readonly OnRay[]): Curve | null {
  if (points.length < 5) return null;
  return leastSquares(
    points.map(({ basis }) => basis),
    points.map(({ beyond }) => beyond),
  );
}

/** The curve that the rays share best, or a like one around it; null where they share none, or nobody knows which. */
function shared(
  rays: readonly Looked[],
  askewPx: number,
  agrees: (curve: Curve) => boolean,
): Tried | null {
  const draws = new Draws(SEED);
  const tried: Tried[] = [];
  for (let i = 0; i < TRIES; i += 1) {
    const start = draws.even();
    // Five rays all around: a stretch of one side tells nothing of the other.
    const five = [0, 1, 2, 3, 4].map((k) => rays[floor(((start + k / 5) % 1) * rays.length)]!);
    if (five.some(({ peaks }) => peaks.length === 0)) continue;
    const drawn = five.map(({ basis, peaks }) => ({ basis, beyond: drawnOf(peaks, draws).beyond }));
    const curve = through(drawn);
    if (!curve || !agrees(curve)) continue;
    const seen = seenShare(rays, curve);
    const askew = (2 * hypot(curve[3]!, curve[4]!)) / askewPx;
    tried.push({ curve, seen, worth: seen / (1 + askew ** 2) });
  }
  const best = greatest(tried, ({ worth }) => worth);
  if (!best) return null;
  const around = tried.filter(
    ({ curve }) =>
      curve[0]! > best.curve[0]! + 2 * NEAR_PX &&
      curve.slice(1).every((own, i) => abs(own - best.curve[i + 1]!) < 2 * NEAR_PX),
  );
  const outer = greatest(around, ({ seen }) => seen);
  if (!outer || outer.seen < PARTLY * best.seen) return best;
  return outer.seen >= NEARLY * best.seen ? outer : null;
}

/** One of a ray's changes, the sharper the likelier. */
function drawnOf(peaks: readonly Peak[], draws: Draws): Peak {
  let left = draws.even() * peaks.reduce((sum, { weight }) => sum + weight ** 2, 0);
  return peaks.find(({ weight }) => (left -= weight ** 2) <= 0) ?? peaks[0]!;
}

function seenShare(rays: readonly Looked[], curve: Curve): number {
  let seen = 0;
  for (const { basis, peaks } of rays) {
    const wanted = at(curve, basis);
    let most = 0;
    for (const { beyond, weight } of peaks)
      if (abs(beyond - wanted) <= NEAR_PX && weight > most) most = weight;
    seen += most;
  }
  return seen / rays.length;
}

function sharpest(peaks: readonly Peak[]): Peak {
  return greatest(peaks, ({ weight }) => weight)!;
}
