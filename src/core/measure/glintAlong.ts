import { quantile } from 'd3-array';
import { PRIORS } from '../priors';
import { robust } from './robust';
import { brightnessAt, type Raster } from './raster';
import type { PhotoPoint } from './rim';

/** A bright stretch of an edge, from its heel (mm along the line). */
export interface Glint {
  fromMm: number;
  toMm: number;
}

/** The strip that is looked at, on either side of the edge (mm); and how finely along it. */
const STRIP_MM = 0.3;
/** A traced line is off by a pixel or two. */
const LEAST_PX = 3;
const STEP_MM = 0.25;
const SHORTEST_MM = 1;
/** A gap in the light shorter than this is none (mm). */
const GAP_MM = 0.5;
/** Fewer pixels a millimetre show no glint: the strip is then a pixel or two wide. */
export const GLINT_PX_PER_MM = 5;

/**
 * Bright stretches along an edge that was photographed against a lamp: a dull apex reflects. At each place the 90th
 * percentile of brightness across a strip of ±0.3 mm; bright is what exceeds the median of the whole strip's by five
 * times their median deviation, for 1 mm or more. Suggestions: shine on a bevel looks alike.
 */
export function glintAlong(input: {
  raster: Raster;
  /** The edge from heel to tip (px of the raster). */
  line: readonly PhotoPoint[];
  pxPerMm: number;
}): Glint[] {
  const { raster, line, pxPerMm } = input;
  const places = placesAlong(line, STEP_MM * pxPerMm);
  if (places.length < 3) return [];
  const light = places.map((place) => lightAt(raster, place, STRIP_MM * pxPerMm));
  const { median: usual, mad } = robust(light);
  const bright = usual + Math.max(PRIORS.glintLeast.value, 5 * mad);
  const found: Glint[] = [];
  light.forEach((value, i) => {
    if (value <= bright) return;
    const atMm = i * STEP_MM;
    const last = found.at(-1);
    if (last && atMm - last.toMm <= GAP_MM) last.toMm = atMm + STEP_MM;
    else found.push({ fromMm: atMm, toMm: atMm + STEP_MM });
  });
  return found.filter(({ fromMm, toMm }) => toMm - fromMm >= SHORTEST_MM);
}

interface Place extends PhotoPoint {
  /** Unit vector across the line. */
  acrossX: number;
  acrossY: number;
}

/** Places at even distances along a line of points. */
function placesAlong(line: readonly PhotoPoint[], stepPx: number): Place[] {
  const places: Place[] = [];
  let walked = 0;
  for (let i = 1; i < line.length; i += 1) {
    const [a, b] = [line[i - 1]!, line[i]!];
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    // Across a line of single pixels is told by points further apart.
    const [p, q] = [line[Math.max(0, i - 6)]!, line[Math.min(line.length - 1, i + 5)]!];
    const span = Math.hypot(q.x - p.x, q.y - p.y) || 1;
    for (; places.length * stepPx <= walked + length;) {
      const share = length > 0 ? (places.length * stepPx - walked) / length : 0;
      places.push({
        x: a.x + share * (b.x - a.x),
        y: a.y + share * (b.y - a.y),
        acrossX: -(q.y - p.y) / span,
        acrossY: (q.x - p.x) / span,
      });
    }
    walked += length;
  }
  return places;
}

function lightAt(raster: Raster, { x, y, acrossX, acrossY }: Place, halfPx: number): number {
  const half = Math.max(LEAST_PX, Math.round(halfPx));
  const values: number[] = [];
  for (let k = -half; k <= half; k += 1)
    values.push(brightnessAt(raster, x + k * acrossX, y + k * acrossY));
  return quantile(values, 0.9)!;
}
