import type { KeyboardEvent } from 'react';

/** How far each key moves a grip, in its steps. */
const KEY_STEPS: Record<string, number> = {
  ArrowLeft: -1,
  ArrowDown: -1,
  ArrowRight: 1,
  ArrowUp: 1,
  Home: -Infinity,
  End: Infinity,
};

/**
 * The grip on the rule at a chart's foot: by keys it goes from one of its `count` stops to the next. By hand it is
 * drawn along the chart, which hears that itself.
 */
export function Grip(props: {
  x: number;
  y: number;
  at: number;
  count: number;
  label: string;
  /** What it stands at: as a number, and in words. */
  value: { least: number; most: number; now: number; words: string };
  onMove: (at: number) => void;
}) {
  const { x, y, at, count, label, value, onMove } = props;
  const key = (event: KeyboardEvent): void => {
    const by = KEY_STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    onMove(Math.min(count - 1, Math.max(0, at + by)));
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuemin={value.least}
      aria-valuemax={value.most}
      aria-valuenow={value.now}
      aria-valuetext={value.words}
      className="cursor-grab"
      onKeyDown={key}
      transform={`translate(${x},${y})`}
    >
      <rect x={-24} y={-2} width={48} height={48} fill="transparent" />
      <path d="M0,0l9,9h12v18h-42v-18h12Z" fill="var(--color-neutral)" />
      <path d="M-12,18l5,-5v10ZM12,18l-5,-5v10Z" fill="var(--color-neutral-content)" />
    </g>
  );
}
