import type { Raster } from './raster';
import type { PhotoPoint, Rim } from './rim';

// Looked up once: these are called millions of times.
const { PI, atan2, ceil, cos, floor, hypot, max, min, sin, sqrt } = Math;

/** A change of colour along a ray. */
export interface Peak {
  /** How far beyond the curve that was looked along (px). */
  beyond: number;
  /** How sharp beside the sharpest of its ray, to 1. */
  weight: number;
}

interface Ray {
  /** Which way it goes from the middle (radians). */
  turn: number;
  peaks: readonly Peak[];
}

/** What is seen across a rim, and the way from a ray's own measures to the picture's and back. */
export interface RimRays {
  rays: readonly Ray[];
  placeOf: (point: PhotoPoint) => { turn: number; beyond: number };
  pointAt: (turn: number, beyond: number) => PhotoPoint;
}

const RAYS = 60;
/** As many changes of a ray are held to be the rim's. */
const MOST_PEAKS = 5;
/** A coin is at least so large on the picture that is looked at (px across the half of it). */
const LEAST_PX = 10;
/** No ray goes further from the taps' curve than this share of its radius, and none less far than these pixels. */
const REACH_SHARE = 0.3;
const REACH_PX = 4;
const STEP_PX = 0.5;
/** A change is the difference of so many steps on either side. */
const SIDE_STEPS = 4;
/** Room for what is looked at beyond the reach (px). */
const BORDER_PX = 4;
/** Beside each ray two more are looked at, so far to its sides (px): grain is of one pixel. */
const BESIDE_PX = [-1.2, 0, 1.2] as const;

/** Changes of colour across a curve, `reachPx` to either side of it. Null where it is too small, or not on the picture. */
export function acrossRim(raster: Raster, rim: Rim, reachPx: number): RimRays | null {
  const { centre, semiMajor, semiMinor, axisDeg } = rim;
  if (semiMinor < LEAST_PX) return null;
  const axis = (axisDeg * PI) / 180;
  const reach = min(REACH_SHARE * semiMinor, max(REACH_PX, reachPx));
  const most = semiMajor + reach + BORDER_PX;
  const isOn = (at: number, size: number): boolean => at - most > 0 && at + most < size - 1;
  if (!isOn(centre.x, raster.width) || !isOn(centre.y, raster.height)) return null;
  const radiusAt = (turn: number): number =>
    (semiMajor * semiMinor) / hypot(semiMinor * cos(turn - axis), semiMajor * sin(turn - axis));
  const pointAt = (turn: number, beyond: number): PhotoPoint => {
    const far = radiusAt(turn) + beyond;
    return { x: centre.x + far * cos(turn), y: centre.y + far * sin(turn) };
  };
  return {
    pointAt,
    placeOf({ x, y }) {
      const turn = atan2(y - centre.y, x - centre.x);
      return { turn, beyond: hypot(x - centre.x, y - centre.y) - radiusAt(turn) };
    },
    rays: Array.from({ length: RAYS }, (_, i) => {
      const turn = (2 * PI * i) / RAYS;
      return { turn, peaks: peaksOf(coloursAlong(raster, pointAt, turn, reach), reach) };
    }),
  };
}

/** Red, green and blue at each step along a ray, from inside outwards. */
function coloursAlong(
  raster: Raster,
  pointAt: RimRays['pointAt'],
  turn: number,
  reach: number,
): Float64Array[] {
  const steps = ceil((2 * reach) / STEP_PX) + 1 + 2 * SIDE_STEPS;
  const from = -reach - SIDE_STEPS * STEP_PX;
  return Array.from({ length: steps }, (_, i) => {
    const { x, y } = pointAt(turn, from + i * STEP_PX);
    const seen = new Float64Array(3);
    for (const beside of BESIDE_PX)
      addColour(raster, x - beside * sin(turn), y + beside * cos(turn), seen);
    return seen;
  });
}

/** Between pixels, each of the four around by how near it is. */
function addColour({ width, pixels }: Raster, x: number, y: number, seen: Float64Array): void {
  const [left, top] = [floor(x), floor(y)];
  const [right, down] = [x - left, y - top];
  const at = 4 * (top * width + left);
  for (let colour = 0; colour < 3; colour += 1) {
    const own = at + colour;
    const above = (1 - right) * pixels[own]! + right * pixels[own + 4]!;
    const below = (1 - right) * pixels[own + 4 * width]! + right * pixels[own + 4 * width + 4]!;
    seen[colour]! += (1 - down) * above + down * below;
  }
}

function peaksOf(colours: readonly Float64Array[], reach: number): Peak[] {
  const change = colours.map((_, i) => changeAt(colours, i));
  const found: { beyond: number; sharp: number }[] = [];
  for (let i = SIDE_STEPS + 1; i < change.length - SIDE_STEPS - 1; i += 1) {
    const [before, own, after] = [change[i - 1]!, change[i]!, change[i + 1]!];
    if (!(own > before && own >= after)) continue;
    // The top of a parabola through three.
    const top = (before - after) / (2 * (before - 2 * own + after));
    found.push({ beyond: -reach + (i - SIDE_STEPS + top) * STEP_PX, sharp: own });
  }
  found.sort((a, b) => b.sharp - a.sharp);
  return found
    .slice(0, MOST_PEAKS)
    .map(({ beyond, sharp }) => ({ beyond, weight: sharp / found[0]!.sharp }));
}

/** How far the colours outside a step differ from those inside it. */
function changeAt(colours: readonly Float64Array[], i: number): number {
  if (i < SIDE_STEPS || i >= colours.length - SIDE_STEPS) return 0;
  let squared = 0;
  for (let colour = 0; colour < 3; colour += 1) {
    let sum = 0;
    for (let k = 1; k <= SIDE_STEPS; k += 1)
      sum += colours[i + k]![colour]! - colours[i - k]![colour]!;
    squared += sum ** 2;
  }
  return sqrt(squared);
}
