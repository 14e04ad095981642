/** A thing that lies on the ground: its size in mm. */
export interface Sized {
  key: string;
  widthMm: number;
  heightMm: number;
}

export interface Placed {
  key: string;
  /** From the upper left of the ground, in px. */
  x: number;
  y: number;
}

export interface GroundLayout {
  pxPerMm: number;
  placed: Placed[];
}

const GAP_PX = 14;
/** A thing is drawn no larger than this, however few lie there (px for each mm). */
const MOST_PX_PER_MM = 0.6;
const LEAST_PX_PER_MM = 0.05;

/**
 * Lays things side by side in rows, all at one scale: the largest at which they fit into `width` by `height` px,
 * found by halving. The order is kept.
 */
export function groundLayout(
  things: readonly Sized[],
  width: number,
  height: number,
): GroundLayout {
  let low = LEAST_PX_PER_MM;
  let high = MOST_PX_PER_MM;
  let best = inRows(things, low, width);
  for (let i = 0; i < 24; i += 1) {
    const pxPerMm = i === 0 ? high : (low + high) / 2;
    const rows = inRows(things, pxPerMm, width);
    if (rows.height <= height && rows.isWithin) {
      best = rows;
      low = pxPerMm;
      if (i === 0) break;
    } else high = pxPerMm;
  }
  return { pxPerMm: best.pxPerMm, placed: best.placed };
}

function inRows(things: readonly Sized[], pxPerMm: number, width: number) {
  const placed: Placed[] = [];
  let [x, y, rowHeight] = [0, 0, 0];
  let isWithin = true;
  for (const { key, widthMm, heightMm } of things) {
    const [w, h] = [widthMm * pxPerMm, heightMm * pxPerMm];
    if (x > 0 && x + w > width) {
      y += rowHeight + GAP_PX;
      [x, rowHeight] = [0, 0];
    }
    if (w > width) isWithin = false;
    placed.push({ key, x, y });
    x += w + GAP_PX;
    rowHeight = Math.max(rowHeight, h);
  }
  return { pxPerMm, placed, height: y + rowHeight, isWithin };
}
