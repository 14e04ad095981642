import { line } from 'd3-shape';
import type { LabStroke } from '../../core/lab';
import { rayEnd, rayPath } from './sectionView';

/** Degrees of the bell's own smoothing, and how far it stands out at its widest (px). */
const SMOOTH_DEG = 0.35;
const BELL_PX = 26;
const BELL_STEPS = 60;
/** More rays cannot be told apart: of a long job each then stands for several strokes. */
const MOST_RAYS = 1200;
const SHEAF = 10;

/**
 * Strokes as rays at their true angles from the edge, left above and right below; at their ends the bell of how
 * often each angle came. Return strokes are double lines.
 */
export function StrokeRays(props: {
  strokes: readonly LabStroke[];
  at: readonly [x: number, y: number];
  lengthPx: number;
}) {
  const { strokes, at, lengthPx } = props;
  if (strokes.length === 0) return null;
  const each = Math.ceil(strokes.length / MOST_RAYS);
  const isDrawn = (_: LabStroke, i: number): boolean => i % each === 0;
  return (
    <g fill="none" stroke="var(--ink)">
      {sheaves(strokes.filter(isDrawn)).map((sheaf, i) => (
        <path
          key={i}
          d={sheaf.map((stroke) => rayPath(stroke, at, lengthPx)).join('')}
          strokeWidth={0.8}
          opacity={0.35}
        />
      ))}
      {(['left', 'right'] as const).map((side) => (
        <path
          key={side}
          d={bell(
            strokes.filter((stroke) => stroke.side === side).map(({ angleDeg }) => angleDeg),
            (angleDeg, outPx) => rayEnd(at, { angleDeg, side }, lengthPx + outPx),
          )}
          fill="var(--steel)"
          strokeWidth={1.4}
        />
      ))}
    </g>
  );
}

/** Rays in few paths: one path for each costs a browser more to hold, a single one more to paint. */
function sheaves(strokes: readonly LabStroke[]): LabStroke[][] {
  return Array.from({ length: Math.ceil(strokes.length / SHEAF) }, (_, i) =>
    strokes.slice(i * SHEAF, (i + 1) * SHEAF),
  );
}

/** The density of some angles along an arc, closed on it. */
function bell(
  angles: readonly number[],
  place: (deg: number, outPx: number) => [number, number],
): string {
  if (angles.length === 0) return '';
  const [least, most] = [Math.min(...angles) - 1, Math.max(...angles) + 1];
  const grid = Array.from(
    { length: BELL_STEPS + 1 },
    (_, i) => least + ((most - least) * i) / BELL_STEPS,
  );
  const density = grid.map((deg) =>
    angles.reduce((sum, each) => sum + Math.exp(-(((deg - each) / SMOOTH_DEG) ** 2) / 2), 0),
  );
  const highest = Math.max(...density);
  const out = grid.map((deg, i) => place(deg, (BELL_PX * density[i]!) / highest));
  return `${line()([...out, ...grid.map((deg) => place(deg, 0)).reverse()])}Z`;
}
