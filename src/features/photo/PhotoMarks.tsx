import type { PhotoPoint, Rim } from '../../core/measure';
import type { Mark } from './photoMeasures';

/** What is said beside the marks, by mark. */
export type Plates = Partial<Record<Mark, string>>;

/** Letters of the drawing's type, as shares of the photo's width: high, and wide on average. */
const HIGH = 0.028;
const WIDE = 0.0125;

/** A coin's rim as it was fitted. */
export function RimLine({ rim, width }: { rim: Rim; width: number }) {
  const { centre, semiMajor, semiMinor, axisDeg } = rim;
  const drawn = {
    cx: centre.x,
    cy: centre.y,
    rx: semiMajor,
    ry: semiMinor,
    fill: 'none',
    transform: `rotate(${axisDeg} ${centre.x} ${centre.y})`,
  };
  return (
    <>
      <ellipse {...drawn} stroke="#fff" strokeWidth={0.005 * width} />
      <ellipse {...drawn} stroke="#111" strokeWidth={0.0025 * width} strokeDasharray="12 8" />
    </>
  );
}

/** A line that the photo itself draws: dark in a light casing. */
export function Line(props: { points: readonly PhotoPoint[]; r: number; isClosed?: boolean }) {
  const { points, r, isClosed = false } = props;
  if (points.length < 2) return null;
  const d = `M${points.map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`).join('L')}${isClosed ? 'Z' : ''}`;
  return (
    <g fill="none" pointerEvents="none">
      <path d={d} stroke="#fff" strokeWidth={r * 0.5} />
      <path d={d} stroke="#111" strokeWidth={r * 0.2} />
    </g>
  );
}

/** Taps, and the straight line between two of them where they measure one. */
export function Points(props: { points: readonly PhotoPoint[]; r: number; isLine: boolean }) {
  const { points, r, isLine } = props;
  return (
    <g fill="none" pointerEvents="none">
      {isLine && points.length > 1 && <Line points={points} r={1.1 * r} />}
      {points.map(({ x, y }, i) => (
        <g key={i}>
          <circle cx={x} cy={y} r={r} stroke="#fff" strokeWidth={r * 0.6} />
          <circle cx={x} cy={y} r={r} stroke="#111" strokeWidth={r * 0.25} />
        </g>
      ))}
    </g>
  );
}

/** A wider ring around the point that is taken up. */
export function TakenUp({ at: { x, y }, r }: { at: PhotoPoint; r: number }) {
  return (
    <g fill="none" pointerEvents="none" data-testid="taken-up">
      <circle cx={x} cy={y} r={1.9 * r} stroke="#fff" strokeWidth={r * 0.5} />
      <circle cx={x} cy={y} r={1.9 * r} stroke="#111" strokeWidth={r * 0.2} />
    </g>
  );
}

/** A dark plate with light words, below its point or above it, off the edge. */
export function Plate(props: { at: PhotoPoint; words: string; width: number; isAbove?: boolean }) {
  const { at, words, width, isAbove = false } = props;
  const [high, wide] = [HIGH * width, (words.length + 2) * WIDE * width];
  const x = Math.min(width - wide - 4, Math.max(4, at.x - wide / 2));
  const y = isAbove ? at.y - 2.4 * high : at.y + 0.9 * high;
  return (
    <g pointerEvents="none">
      <rect x={x} y={y} width={wide} height={1.5 * high} rx={0.2 * high} fill="#14251f" />
      <text
        x={x + wide / 2}
        y={y + 0.78 * high}
        fontSize={0.92 * high}
        fontWeight={600}
        style={{ fill: '#fff' }}
        textAnchor="middle"
        dominantBaseline="central"
      >
        {words}
      </text>
    </g>
  );
}
