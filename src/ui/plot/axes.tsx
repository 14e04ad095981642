import { extent } from 'd3-array';
import type { Frame } from './Plot';

/** A tick of an axis: where (px), and what it says. */
export interface Tick {
  at: number;
  label: string;
}

/** The two lines that values stand on: up the left, and along the foot. */
export function AxisLines({ frame }: { frame: Frame }) {
  const { left, right, top, bottom } = frame;
  return <path d={`M${left},${top}V${bottom}H${right}`} fill="none" stroke="var(--ink)" />;
}

/** Levels at the left: a label each, with a hair line across where nothing else guides the eye. */
export function LevelAxis(props: {
  frame: Frame;
  ticks: readonly Tick[];
  /** What the levels are, and their unit. */
  title?: string;
  hasLines?: boolean;
}) {
  const { frame, ticks, title, hasLines = false } = props;
  const { left, right, top } = frame;
  return (
    <g>
      {ticks.map(({ at, label }) => (
        <g key={at}>
          {hasLines && (
            <line x1={left} x2={right} y1={at} y2={at} stroke="var(--rule)" strokeWidth={0.6} />
          )}
          <text x={left - 6} y={at + 4} textAnchor="end">
            {label}
          </text>
        </g>
      ))}
      {title && (
        <text x={4} y={Math.max(14, top - 14)}>
          {title}
        </text>
      )}
    </g>
  );
}

/** Ticks along the foot, each with its label below. */
export function FootAxis(props: {
  frame: Frame;
  ticks: readonly Tick[];
  title?: string;
  hasMarks?: boolean;
  /** The line along the foot, where no axis stands there yet. */
  hasRule?: boolean;
  /** How far below the foot the labels stand (px): under a grip they leave it room. */
  dropPx?: number;
}) {
  const { frame, ticks, title, hasMarks = false, hasRule = false, dropPx = 20 } = props;
  const { left, bottom, right, height } = frame;
  return (
    <g>
      {hasRule && <path d={`M${left},${bottom}H${right}`} stroke="var(--ink)" strokeWidth={1.5} />}
      {ticks.map(({ at, label }) => (
        <g key={at}>
          {hasMarks && <line x1={at} x2={at} y1={bottom} y2={bottom + 5} stroke="var(--ink)" />}
          <text x={at} y={bottom + dropPx} textAnchor="middle">
            {label}
          </text>
        </g>
      ))}
      {title && (
        <text x={right} y={height - 5} textAnchor="end">
          {title}
        </text>
      )}
    </g>
  );
}

/** The ticks of a scale by itself, about so many, as figures or in other words. */
export function ticksOf(
  scale: { (value: number): number; ticks(count?: number): number[] },
  count: number,
  words: (value: number) => string = String,
): Tick[] {
  return scale.ticks(count).map((value) => ({ at: scale(value), label: words(value) }));
}

/** Ticks as far as their labels have so much room (px) from one to the next. */
export function apart(ticks: readonly Tick[], px: number): Tick[] {
  return ticks.reduce<Tick[]>(
    (kept, tick) =>
      kept.length > 0 && Math.abs(tick.at - kept.at(-1)!.at) < px ? kept : [...kept, tick],
    [],
  );
}

/** Chosen values as ticks, those that lie within the scale. */
export function ticksAt(
  scale: { (value: number): number; domain(): number[] },
  values: readonly number[],
  words: (value: number) => string = String,
): Tick[] {
  const [least, most] = extent(scale.domain()) as [number, number];
  return values
    .filter((value) => value >= least && value <= most)
    .map((value) => ({ at: scale(value), label: words(value) }));
}
