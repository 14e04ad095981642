import { max } from 'd3-array';
import { scaleBand, scaleLinear } from 'd3-scale';

const COLUMN_PX = 12;

/** The latest values as columns, oldest at the left; their figures stand beside them. */
export function Columns(props: { values: readonly number[]; most: number; height: number }) {
  const { most, height } = props;
  const values = props.values.slice(-most);
  const width = most * COLUMN_PX;
  const x = scaleBand(values.keys(), [0, values.length * COLUMN_PX]).paddingInner(0.25);
  const y = scaleLinear([0, Math.max(1, max(values) ?? 0)], [0, height]);
  return (
    <svg width={width} height={height} className="shrink-0" aria-hidden>
      {values.map((value, i) => (
        <rect
          key={i}
          x={x(i)}
          y={height - Math.max(2, y(value))}
          width={x.bandwidth()}
          height={Math.max(2, y(value))}
          fill="var(--steel)"
        />
      ))}
    </svg>
  );
}

/** A value against the most there is of it, lying; its figure stands beside it. */
export function Bar({ value, most, width }: { value: number; most: number; width: number }) {
  const x = scaleLinear([0, most], [0, width]);
  return (
    <svg width={width} height={14} aria-hidden className="shrink-0">
      <line x1={0} x2={width} y1={7} y2={7} stroke="var(--rule)" />
      <rect y={2} width={x(value)} height={10} fill="var(--ink)" />
    </svg>
  );
}

/** A value in its range on a lying scale, against what is asked; its figures stand beside it. */
export function RangeBar(props: {
  x: { (value: number): number; range(): number[] };
  value: number;
  range: readonly [number, number];
  asked: number;
}) {
  const { x, value, range, asked } = props;
  const [left, right] = x.range() as [number, number];
  const [low, high] = [x(range[0]), x(range[1])];
  return (
    <svg width={right + left} height={20} aria-hidden>
      <line x1={left} x2={right} y1={10} y2={10} stroke="var(--rule)" />
      <rect x={low} width={Math.max(2, high - low)} y={6} height={8} fill="var(--steel)" />
      <line x1={x(value)} x2={x(value)} y1={3} y2={17} stroke="var(--ink)" strokeWidth={3} />
      <line x1={x(asked)} x2={x(asked)} y1={1} y2={19} stroke="var(--ink)" strokeDasharray="3 2" />
    </svg>
  );
}
