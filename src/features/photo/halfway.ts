import { leastIndex } from 'd3-array';
import type { PhotoPoint } from '../../core';

/**
 * Halfway from one tap to the next along the line that is followed through both, around its end where it is
 * closed; straight across where none is.
 */
export function halfway(
  line: readonly PhotoPoint[] | null,
  from: PhotoPoint,
  to: PhotoPoint,
): PhotoPoint {
  if (!line) return { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const nearest = (tap: PhotoPoint): number =>
    leastIndex(line, (a, b) => apart(a, tap) - apart(b, tap))!;
  const start = nearest(from);
  const onward = (nearest(to) - start + line.length) % line.length;
  const { x, y } = line[(start + Math.round(onward / 2)) % line.length]!;
  return { x, y };
}

function apart(a: PhotoPoint, b: PhotoPoint): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}
