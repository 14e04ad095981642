import { quantileSorted } from 'd3-array';
import FlatQueue from 'flatqueue';
import { once } from '../once';
import { contrastOf, type Raster } from './raster';
import { offOf, type PhotoPoint } from './rim';

// Looked up once: these are called millions of times.
const { abs, ceil, floor, hypot, max, min, round } = Math;

/** A tap is brought to the sharpest change within twice what it may be off by, but no further than this (px). */
const MOST_SNAP_PX = 12;
/** Of two that are as sharp, the nearer: so much less for each of its own errors. */
const FAR_LOSS = 0.2;
/** A line leaves the straight way between two taps by so much of their distance, and these pixels, at most. */
const SIDEWAYS_SHARE = 0.35;
const SIDEWAYS_PX = 12;
/** What a step costs where nothing changes, and where the picture changes as sharply as its sharpest lines. */
const PLAIN = 1;
const SHARP = 0.03;
/** Contrast of sharp lines: so much of a picture's pixels change less. */
const SHARP_QUANTILE = 0.985;
/** Every so many pixels are enough to know it by. */
const SAMPLED = 17;
/** Steps on a grid make stairs: so many on either side are taken together. */
const SMOOTH_STEPS = 3;

/**
 * The line that a picture itself draws from tap to tap: between each two the way of least cost over pixels, where a step
 * costs the less the sharper the picture changes (shortest paths by Dijkstra, within a band around the straight way).
 * Where nothing changes, it is straight. Closed, it ends where it began; points in px, about one a pixel.
 */
export function traceLine(input: {
  raster: Raster;
  taps: readonly PhotoPoint[];
  isClosed: boolean;
}): PhotoPoint[] {
  const { raster, isClosed } = input;
  if (input.taps.length < 2) return [...input.taps];
  const { contrast, costs } = sharpness(raster);
  const taps = input.taps.map((tap) => snapped(raster, contrast, tap));
  const ends = isClosed ? [...taps.slice(1), taps[0]!] : taps.slice(1);
  const line = ends.flatMap((end, i) => wayBetween(raster, costs, taps[i]!, end));
  return smoothed(isClosed ? line : [...line, taps.at(-1)!], isClosed);
}

/** Of each pixel, how sharply it changes and what a step on it costs: one picture is asked with every tap. */
const sharpness = once((raster: Raster) => {
  const contrast = contrastOf(raster);
  return { contrast, costs: costsOf(contrast) };
});

function snapped({ width, height }: Raster, contrast: Float32Array, tap: PhotoPoint): PhotoPoint {
  let best = {
    x: min(width - 1, max(0, round(tap.x))),
    y: min(height - 1, max(0, round(tap.y))),
  };
  let most = 0;
  const off = max(1, offOf(tap));
  const reach = min(MOST_SNAP_PX, round(2 * off));
  for (let dy = -reach; dy <= reach; dy += 1) {
    for (let dx = -reach; dx <= reach; dx += 1) {
      const at = {
        x: min(width - 1, max(0, round(tap.x) + dx)),
        y: min(height - 1, max(0, round(tap.y) + dy)),
      };
      const far = hypot(dx, dy) / off;
      const worth = contrast[at.y * width + at.x]! / (1 + FAR_LOSS * far);
      if (worth > most) [best, most] = [at, worth];
    }
  }
  return best;
}

function costsOf(contrast: Float32Array): Float32Array {
  const some = [...contrast.filter((_, i) => i % SAMPLED === 0).sort()];
  const sharp = quantileSorted(some, SHARP_QUANTILE) || 1;
  return contrast.map((own) => SHARP + (PLAIN - SHARP) * (1 - min(1, own / sharp)) ** 2);
}

/** The eight steps to a pixel's neighbours. */
const STEPS = [-1, 0, 1].flatMap((dy) =>
  [-1, 0, 1].flatMap((dx) => (dx === 0 && dy === 0 ? [] : [{ dx, dy, length: hypot(dx, dy) }])),
);

/** The pixels from one tap to before the next, by the way of least cost. */
function wayBetween(
  raster: Raster,
  costs: Float32Array,
  from: PhotoPoint,
  to: PhotoPoint,
): PhotoPoint[] {
  const straight = hypot(to.x - from.x, to.y - from.y);
  if (straight < 1) return [];
  const sideways = SIDEWAYS_SHARE * straight + SIDEWAYS_PX;
  const [ux, uy] = [(to.x - from.x) / straight, (to.y - from.y) / straight];
  const isNear = (x: number, y: number): boolean => {
    const [px, py] = [x - from.x, y - from.y];
    const along = px * ux + py * uy;
    const isBeside = abs(py * ux - px * uy) <= sideways;
    return isBeside && along >= -SIDEWAYS_PX && along <= straight + SIDEWAYS_PX;
  };
  // Only the window that the band can reach is kept in mind.
  const reach = ceil(sideways);
  const left = max(0, min(from.x, to.x) - reach);
  const top = max(0, min(from.y, to.y) - reach);
  const right = min(raster.width - 1, max(from.x, to.x) + reach);
  const bottom = min(raster.height - 1, max(from.y, to.y) + reach);
  const width = right - left + 1;
  const spent = new Float64Array(width * (bottom - top + 1)).fill(Infinity);
  const cameFrom = new Int32Array(spent.length).fill(-1);
  const placeOf = (x: number, y: number): number => (y - top) * width + (x - left);
  const [start, goal] = [placeOf(from.x, from.y), placeOf(to.x, to.y)];
  const queue = new FlatQueue<number>();
  spent[start] = 0;
  queue.push(start, 0);
  for (;;) {
    const cost = queue.peekValue();
    const at = queue.pop();
    if (at === undefined || cost === undefined || at === goal) break;
    if (cost > spent[at]!) continue;
    const [x, y] = [left + (at % width), top + floor(at / width)];
    const own = costs[y * raster.width + x]!;
    for (const { dx, dy, length } of STEPS) {
      const [nx, ny] = [x + dx, y + dy];
      if (nx < left || ny < top || nx > right || ny > bottom || !isNear(nx, ny)) continue;
      const next = placeOf(nx, ny);
      const sum = cost + length * (own + costs[ny * raster.width + nx]!);
      if (sum >= spent[next]!) continue;
      spent[next] = sum;
      cameFrom[next] = at;
      queue.push(next, sum);
    }
  }
  const way: PhotoPoint[] = [];
  for (let at = cameFrom[goal]!; at >= 0; at = cameFrom[at]!)
    way.push({ x: left + (at % width), y: top + floor(at / width) });
  return way.reverse();
}

function smoothed(line: readonly PhotoPoint[], isClosed: boolean): PhotoPoint[] {
  const count = line.length;
  return line.map((_, i) => {
    // An open line keeps its ends where they were tapped.
    const reach = isClosed ? SMOOTH_STEPS : min(SMOOTH_STEPS, i, count - 1 - i);
    let [x, y] = [0, 0];
    for (let k = i - reach; k <= i + reach; k += 1) {
      const point = line[(k + count) % count]!;
      x += point.x;
      y += point.y;
    }
    return { x: x / (2 * reach + 1), y: y / (2 * reach + 1) };
  });
}
