import type { RungOut } from '../core/trip';

/** Drawn full from five in ten on, as chances are rounded; hollow below. */
export const LIKELY = 0.45;

/** A rung by its shape: circle for the strop, square for a stone, triangle for the file. */
export function RungMark({ rung, chance }: { rung: RungOut; chance: number }) {
  return (
    <svg width={18} height={18} aria-hidden className="inline-block shrink-0">
      <path
        d={rungPath(rung, 9, 9)}
        fill={chance >= LIKELY ? 'var(--ink)' : 'var(--color-base-100)'}
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
    </svg>
  );
}

/** The shape around a point. */
export function rungPath(rung: RungOut, x: number, y: number): string {
  switch (rung) {
    case 'strop':
      return `M${x - 6},${y}a6,6 0 1 1 12,0a6,6 0 1 1 -12,0`;
    case 'stone':
      return `M${x - 5},${y - 5}h10v10h-10Z`;
    case 'file':
      return `M${x},${y - 6}l7,12h-14Z`;
  }
}
