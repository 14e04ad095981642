'use client';

import { scaleLinear, scaleLog } from 'd3-scale';
import type { FrontierPoint } from '../../core';
import { grams } from '../../ui/format';
import { LevelTicks } from '../../ui/LevelTicks';
import { useWidth } from '../../ui/useWidth';

const HEIGHT = 176;
const LEFT = 52;
const RIGHT = 24;
const TOP = 12;
const FOOT = 44;
const TICKS_MINUTES = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];
/** Kits that take so many times as long as the quickest stand at the upper edge. */
const MOST_RATIO = 60;

/**
 * Grams against expected minutes as a stepped line; the grip on the gram rule runs along it by hand, and by
 * the arrow keys from kit to kit.
 */
export function FrontierChart(props: {
  points: readonly FrontierPoint[];
  at: number;
  title: string;
  /** The chosen kit in words. */
  says: string;
  onChoose: (at: number) => void;
}) {
  const { points, at, title, says, onChoose } = props;
  const [ref, width] = useWidth<SVGSVGElement>(700);
  const last = points.at(-1);
  const chosen = points[at];
  if (!last || !chosen) return null;
  const most = Math.max(50, last.grams * 1.08);
  const x = scaleLinear()
    .domain([0, most])
    .range([LEFT, width - RIGHT]);
  const least = Math.max(0.5, last.minutes * 0.85);
  const top = Math.max(least * 2, Math.min(points[0]!.minutes * 1.1, least * MOST_RATIO));
  const y = scaleLog()
    .domain([least, top])
    .range([HEIGHT - FOOT, TOP])
    .clamp(true);
  const line = points
    .map((point, i) =>
      i === 0 ? `M${x(point.grams)},${y(point.minutes)}` : `H${x(point.grams)}V${y(point.minutes)}`,
    )
    .join('');
  const nearest = (clientX: number): number => {
    const box = ref.current!.getBoundingClientRect();
    const g = x.invert(((clientX - box.left) * width) / box.width);
    const distances = points.map((point) => Math.abs(point.grams - g));
    return distances.indexOf(Math.min(...distances));
  };
  const foot = HEIGHT - FOOT;
  return (
    <div>
      <h2>{title}</h2>
      <svg
        ref={ref}
        className="figures block w-full touch-none"
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        fontSize={13}
        fill="var(--ink)"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          onChoose(nearest(event.clientX));
        }}
        onPointerMove={(event) => {
          if (event.buttons > 0) onChoose(nearest(event.clientX));
        }}
      >
        <LevelTicks
          ticks={TICKS_MINUTES.filter((tick) => tick > least && tick < top).map((tick) => ({
            y: y(tick),
            label: String(tick),
          }))}
          from={LEFT}
          to={width - RIGHT}
        />
        {x.ticks(Math.max(3, Math.round(width / 130))).map((tick) => (
          <g key={tick}>
            <line x1={x(tick)} x2={x(tick)} y1={foot} y2={foot + 5} stroke="var(--ink)" />
            <text x={x(tick)} y={HEIGHT - 4} textAnchor="middle">
              {grams(tick)}
            </text>
          </g>
        ))}
        <line
          x1={LEFT}
          x2={width - RIGHT}
          y1={foot}
          y2={foot}
          stroke="var(--ink)"
          strokeWidth={1.5}
        />
        <path d={`${line}H${width - RIGHT}`} fill="none" stroke="var(--ink)" strokeWidth={2.4} />
        {points.map((point, i) => (
          <rect
            key={point.grams}
            x={x(point.grams) - 3.5}
            y={y(point.minutes) - 3.5}
            width={7}
            height={7}
            fill={i === at ? 'var(--ink)' : 'var(--color-base-100)'}
            stroke="var(--ink)"
          />
        ))}
        <circle
          cx={x(chosen.grams)}
          cy={y(chosen.minutes)}
          r={9}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={3}
        />
        <line
          x1={x(chosen.grams)}
          x2={x(chosen.grams)}
          y1={y(chosen.minutes) + 9}
          y2={foot}
          stroke="var(--ink)"
        />
        <g
          role="slider"
          tabIndex={0}
          aria-label="Grams of the kit"
          aria-valuemin={points[0]!.grams}
          aria-valuemax={last.grams}
          aria-valuenow={chosen.grams}
          aria-valuetext={says}
          className="cursor-grab"
          onKeyDown={(event) => {
            const to = {
              ArrowLeft: at - 1,
              ArrowDown: at - 1,
              ArrowRight: at + 1,
              ArrowUp: at + 1,
              Home: 0,
              End: points.length - 1,
            }[event.key];
            if (to === undefined) return;
            event.preventDefault();
            onChoose(Math.min(points.length - 1, Math.max(0, to)));
          }}
        >
          <rect x={x(chosen.grams) - 24} y={foot - 2} width={48} height={48} fill="transparent" />
          <path
            d={`M${x(chosen.grams)},${foot}l9,9h12v18h-42v-18h12Z`}
            fill="var(--color-neutral)"
          />
          <path
            d={`M${x(chosen.grams) - 12},${foot + 18}l5,-5v10ZM${x(chosen.grams) + 12},${foot + 18}l-5,-5v10Z`}
            fill="var(--color-neutral-content)"
          />
        </g>
      </svg>
      <p className="text-[0.9rem] text-soft">
        Minutes over the trip, on a scale of ratios; 180 for each time that an edge goes unserved.
        Squares are kits that no other betters; arrow keys go from one to the next.
      </p>
    </div>
  );
}
