import type { ReactNode } from 'react';

/** The field that every picture is drawn on. */
export const WIDTH = 320;
export const HEIGHT = 150;
/** A hair is about so thick (µm); each person’s is a little other. */
const HAIR_UM = 70;
/** Millimetres of one CSS pixel, for saying how much larger a picture is. */
const MM_PER_PX = 25.4 / 96;

/** How many times as large a drawing is, in a round figure. */
export function timesLarger(pxPerMm: number): number {
  const times = pxPerMm * MM_PER_PX;
  const step = 10 ** Math.floor(Math.log10(times));
  return Math.round(times / step) * step;
}

export const LINE = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 2,
  strokeLinejoin: 'round',
  strokeLinecap: 'round',
} as const;
export const STEEL = { ...LINE, fill: 'var(--steel-light)' } as const;
export const STONE = { ...LINE, fill: 'var(--wood)' } as const;

export const rad = (deg: number): number => (deg * Math.PI) / 180;

export function Words(props: {
  x: number;
  y: number;
  end?: boolean;
  middle?: boolean;
  bold?: boolean;
  children: ReactNode;
}) {
  const { x, y, end, middle, bold, children } = props;
  return (
    <text
      x={x}
      y={y}
      fontSize={15}
      fontWeight={bold ? 700 : 500}
      textAnchor={end ? 'end' : middle ? 'middle' : 'start'}
      className="figures"
    >
      {children}
    </text>
  );
}

/** A blade’s end pointing left, its apex at (x, y), as far as `length` px. */
export function wedgePath(x: number, y: number, length: number, deg: number): string {
  const half = length * Math.tan(rad(deg));
  return `M${x},${y}L${x + length},${y - half}V${y + half}Z`;
}

/** A hair across, at the scale of the picture, with its measure. */
export function Hair({
  x,
  y,
  pxPerMm,
  words,
}: {
  x: number;
  y: number;
  pxPerMm: number;
  words: string;
}) {
  const r = (HAIR_UM / 2000) * pxPerMm;
  return (
    <g>
      <circle cx={x + r} cy={y} r={Math.max(1.2, r)} fill="var(--wood)" stroke="var(--ink)" />
      <Words x={x + 2 * r + 8} y={y + 5}>
        {words}
      </Words>
    </g>
  );
}

/** An arrow from one point to another. */
export function Arrow({ from, to }: { from: [number, number]; to: [number, number] }) {
  const turn = Math.atan2(to[1] - from[1], to[0] - from[0]);
  const wing = (by: number): string =>
    `${to[0] - 11 * Math.cos(turn + by)},${to[1] - 11 * Math.sin(turn + by)}`;
  return (
    <path
      d={`M${from.join(',')}L${to.join(',')}M${wing(0.45)}L${to.join(',')}L${wing(-0.45)}`}
      {...LINE}
      strokeWidth={3}
    />
  );
}

/** A blade lying across a stone at an angle, seen from its end; the edge at (x, y), to the left. */
export function tiltedBlade(x: number, y: number, length: number, deg: number): string {
  const at = (along: number, half: number): string =>
    `${x + along * Math.cos(rad(deg)) + half * Math.sin(rad(deg))},${y - along * Math.sin(rad(deg)) + half * Math.cos(rad(deg))}`;
  const thick = length * 0.08;
  return `M${at(0, 0)}L${at(length * 0.35, -thick)}L${at(length, -thick)}L${at(length, thick)}L${at(length * 0.35, thick)}Z`;
}
