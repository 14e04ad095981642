import { area, curveLinear, line, type CurveFactory } from 'd3-shape';
import type { ReactNode } from 'react';
import type { Frame } from './Plot';

type Place<T> = (each: T, i: number) => number;

/** Places are rounded to a tenth of a pixel: a course of years stays a short path. */
function tenths<T>(place: Place<T>): Place<T> {
  return (each, i) => Math.round(10 * place(each, i)) / 10;
}

/** Values in their order as one line; nothing where there are fewer than two. */
export function Course<T>(props: {
  data: readonly T[];
  x: Place<T>;
  y: Place<T>;
  strokeWidth?: number;
  stroke?: string;
  dash?: string;
  curve?: CurveFactory;
}) {
  const { data, x, y, strokeWidth = 2.4, stroke = 'var(--ink)', dash, curve = curveLinear } = props;
  if (data.length < 2) return null;
  const path = line<T>(tenths(x), tenths(y)).curve(curve)(data);
  return (
    <path
      d={path ?? undefined}
      fill="none"
      stroke={stroke}
      strokeWidth={strokeWidth}
      strokeDasharray={dash}
    />
  );
}

/** The range of values in their order, from low to high. */
export function Band<T>(props: {
  data: readonly T[];
  x: Place<T>;
  low: Place<T>;
  high: Place<T>;
  stroke?: string;
}) {
  const { data, x, low, high, stroke } = props;
  if (data.length < 2) return null;
  const path = area<T>(tenths(x), tenths(low), tenths(high))(data);
  return <path d={path ?? undefined} fill="var(--steel-light)" stroke={stroke} />;
}

/** A level that is asked for or not to be passed, broken, with its words on it. */
export function Level(props: {
  frame: Frame;
  at: number;
  children?: ReactNode;
  end?: 'left' | 'right';
  stroke?: string;
  strokeWidth?: number;
  dash?: string;
}) {
  const { frame, at, children, end = 'left', stroke = 'var(--ink)' } = props;
  const { strokeWidth = 1.4, dash = '7 5' } = props;
  return (
    <g>
      <path
        d={`M${frame.left},${at}H${frame.right}`}
        stroke={stroke}
        strokeWidth={strokeWidth}
        strokeDasharray={dash}
      />
      {children !== undefined && (
        <Label
          x={end === 'left' ? frame.left + 6 : frame.right - 4}
          y={at - 6}
          end={end}
          isBold={end === 'right'}
        >
          {children}
        </Label>
      )}
    </g>
  );
}

const ANCHOR = { left: 'start', middle: 'middle', right: 'end' } as const;

/** Words among lines, with the ground around them. */
export function Label(props: {
  x: number;
  y: number;
  children: ReactNode;
  end?: 'left' | 'middle' | 'right';
  isBold?: boolean;
}) {
  const { x, y, children, end = 'left', isBold = false } = props;
  return (
    <text
      x={x}
      y={y}
      textAnchor={ANCHOR[end]}
      fontWeight={isBold ? 700 : undefined}
      stroke="var(--color-base-100)"
      strokeWidth={5}
      paintOrder="stroke"
    >
      {children}
    </text>
  );
}

/** One value: a ring, or a full dot, with its range upright through it. */
export function Reading(props: {
  x: number;
  y: number;
  range?: readonly [number, number];
  r?: number;
  isFull?: boolean;
}) {
  const { x, y, range, r = 4.5, isFull = false } = props;
  return (
    <g stroke="var(--ink)">
      {range && <path d={`M${x},${range[0]}V${range[1]}`} strokeWidth={isFull ? 3 : 1} />}
      <circle
        cx={x}
        cy={y}
        r={r}
        fill={isFull ? 'var(--ink)' : 'var(--color-base-100)'}
        strokeWidth={1.8}
      />
    </g>
  );
}
