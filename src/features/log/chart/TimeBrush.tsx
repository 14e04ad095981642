import { logChartWords as say } from './words';
import { millisecondsInDay as DAY_MS } from 'date-fns/constants';
import { startOfDay } from 'date-fns';
import { useRef, type KeyboardEvent, type PointerEvent } from 'react';
import { day } from '../../../ui/format';
import type { Span } from '../logFilter';
import type { TimeScale } from './timeAxis';

const HEIGHT = 54;
const GRIP = 12;
/** A press this near (px) to a grip takes that grip. */
const NEAR = 22;
/** How far each key moves a grip (days). */
const KEY_DAYS: Record<string, number> = {
  ArrowLeft: -7,
  ArrowRight: 7,
  ArrowDown: -7,
  ArrowUp: 7,
  PageDown: -30,
  PageUp: 30,
  Home: -Infinity,
  End: Infinity,
};

/** The time scale with its brush: drag over it, take a grip, or move the grips by keys. */
// eslint-disable-next-line max-lines-per-function -- one control: drag, grips and keys move the same span
export function TimeBrush(props: {
  x: TimeScale;
  width: number;
  whole: Span;
  span: Span | null;
  onSpan: (span: Span | null) => void;
}) {
  const { x, width, whole, span, onSpan } = props;
  const [from, to] = span ?? whole;
  const drag = useRef<{ grip: 0 | 1 | 'both'; atMs: number; span: Span } | null>(null);
  const msAt = (event: PointerEvent<SVGSVGElement>): number => {
    const { left } = event.currentTarget.getBoundingClientRect();
    return within(x.invert(event.clientX - left).getTime(), whole);
  };
  const take = (event: PointerEvent<SVGSVGElement>): void => {
    event.currentTarget.setPointerCapture(event.pointerId);
    const atMs = msAt(event);
    const px = x(atMs);
    const near = ([x(from), x(to)] as const).findIndex((grip) => Math.abs(grip - px) < NEAR);
    const inside = span !== null && atMs > from && atMs < to;
    if (near >= 0) drag.current = { grip: near as 0 | 1, atMs, span: [from, to] };
    else if (inside) drag.current = { grip: 'both', atMs, span: [from, to] };
    else drag.current = { grip: 1, atMs, span: [startOfDay(atMs).getTime(), atMs] };
  };
  const move = (event: PointerEvent<SVGSVGElement>): void => {
    const held = drag.current;
    if (!held) return;
    const atMs = msAt(event);
    const by = atMs - held.atMs;
    onSpan(
      held.grip === 'both'
        ? shifted(held.span, by, whole)
        : ordered(held.grip === 0 ? [atMs, held.span[1]] : [held.span[0], atMs]),
    );
  };
  const key = (grip: 0 | 1) => (event: KeyboardEvent) => {
    if (event.key === 'Escape') return onSpan(null);
    const days = KEY_DAYS[event.key];
    if (days === undefined) return;
    event.preventDefault();
    const by = event.shiftKey ? Math.sign(days) : days;
    const moved = within((grip === 0 ? from : to) + by * DAY_MS, whole);
    onSpan(
      grip === 0 ? [Math.min(moved, to - DAY_MS), to] : [from, Math.max(moved, from + DAY_MS)],
    );
  };
  const ticks = x.ticks(Math.max(3, Math.floor(width / 90)));
  const months = x.ticks(Math.max(6, Math.floor(width / 30)));
  const label = x.tickFormat();
  return (
    <svg
      className="figures block touch-none select-none"
      width={width}
      height={HEIGHT}
      fontSize={14}
      fill="var(--ink)"
      onPointerDown={take}
      onPointerMove={move}
      onPointerUp={() => (drag.current = null)}
      onPointerCancel={() => (drag.current = null)}
      data-testid="time-brush"
    >
      <rect width={width} height={HEIGHT} fill="var(--color-base-200)" />
      {span && <rect x={x(from)} width={x(to) - x(from)} y={2} height={HEIGHT} fill="var(--lit)" />}
      <line x1={0} x2={width} y1={1} y2={1} stroke="var(--ink)" strokeWidth={2} />
      {months.map((at) => (
        <line key={+at} x1={x(at)} x2={x(at)} y1={1} y2={7} stroke="var(--ink)" />
      ))}
      {ticks.map((at) => (
        <g key={+at}>
          <line x1={x(at)} x2={x(at)} y1={1} y2={12} stroke="var(--ink)" strokeWidth={1.6} />
          <text x={x(at) + 3} y={27} fontWeight={at.getMonth() === 0 ? 700 : 400}>
            {label(at)}
          </text>
        </g>
      ))}
      {([0, 1] as const).map((grip) => (
        <g
          key={grip}
          role="slider"
          tabIndex={0}
          aria-label={grip === 0 ? say.entriesFrom : say.entriesUntil}
          aria-valuemin={Math.round(whole[0] / DAY_MS)}
          aria-valuemax={Math.round(whole[1] / DAY_MS)}
          aria-valuenow={Math.round((grip === 0 ? from : to) / DAY_MS)}
          aria-valuetext={day(new Date(grip === 0 ? from : to).toISOString())}
          className="cursor-ew-resize"
          onKeyDown={key(grip)}
          transform={`translate(${within(x(grip === 0 ? from : to), [GRIP / 2, width - GRIP / 2])},0)`}
        >
          <rect x={-22} width={44} y={0} height={HEIGHT} fill="transparent" />
          <path d={`M${-GRIP / 2},${HEIGHT}V12L0,4L${GRIP / 2},12V${HEIGHT}Z`} fill="var(--ink)" />
          <path d="M-2,24V42M2,24V42" stroke="var(--color-base-100)" strokeWidth={1.4} />
        </g>
      ))}
    </svg>
  );
}

function within(value: number, [least, most]: readonly [number, number]): number {
  return Math.min(most, Math.max(least, value));
}

function ordered([a, b]: Span): Span {
  return a <= b ? [a, b] : [b, a];
}

/** A span moved as a whole, as far as there is room. */
function shifted([from, to]: Span, byMs: number, whole: Span): Span {
  const by = within(byMs, [whole[0] - from, whole[1] - to]);
  return [from + by, to + by];
}
