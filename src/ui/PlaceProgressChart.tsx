'use client';

import { scaleLog, scalePoint } from 'd3-scale';
import type { ApexEstimate, PlaceProgress } from '../core';
import { um } from './format';
import { useWidth } from './useWidth';
import { placeName, progressTitle } from './words/placeWords';

const HEIGHT = 200;
const LEFT = 52;
const RIGHT = 12;
const TOP = 14;
const BOTTOM = 30;
const TICKS_UM = [0.2, 0.5, 1, 2, 5, 12];

/**
 * The edge place by place on the scale of its apex, keen at the top: from the ring before to the dot
 * now, each with its range, against the line of what is asked.
 */
export function PlaceProgressChart(props: {
  lines: readonly PlaceProgress[];
  targetUm: number;
  isAxe: boolean;
}) {
  const { lines, targetUm, isAxe } = props;
  const [ref, width] = useWidth<SVGSVGElement>(520);
  const title = progressTitle(lines, targetUm, isAxe);
  const x = scalePoint()
    .domain(lines.map(({ place }) => place))
    .range([LEFT, width - RIGHT])
    .padding(0.6);
  const y = scaleLog()
    .domain([TICKS_UM[0]! * 0.8, TICKS_UM.at(-1)! * 1.2])
    .range([TOP, HEIGHT - BOTTOM]);
  return (
    <section>
      <div role="status">
        <h3 className="sign text-lg">{title}</h3>
      </div>
      <svg
        ref={ref}
        className="figures block w-full"
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={`${title} ${lines.map((line) => spoken(line, isAxe)).join('; ')}`}
        fontSize={14}
        fill="var(--ink)"
      >
        <path
          d={`M${LEFT},${TOP}V${HEIGHT - BOTTOM}H${width - RIGHT}`}
          fill="none"
          stroke="var(--ink)"
        />
        {TICKS_UM.map((tick) => (
          <text key={tick} x={LEFT - 6} y={y(tick) + 4} textAnchor="end">
            {tick}
          </text>
        ))}
        <text x={4} y={TOP - 2}>
          µm
        </text>
        <path
          d={`M${LEFT},${y(targetUm)}H${width - RIGHT}`}
          stroke="var(--ink)"
          strokeDasharray="7 4"
        />
        <text x={LEFT + 6} y={y(targetUm) - 5}>
          asked {um(targetUm)}
        </text>
        {lines.map(({ place, before, now }) => {
          const at = x(place)!;
          return (
            <g key={place}>
              {before && now && (
                <path
                  d={`M${at - 9},${y(before.apexRadiusUm)}L${at + 9},${y(now.apexRadiusUm)}`}
                  stroke="var(--ink)"
                />
              )}
              {before && <Mark x={at - 9} estimate={before} y={y} isNow={false} />}
              {now && <Mark x={at + 9} estimate={now} y={y} isNow />}
              <text x={at} y={HEIGHT - 8} textAnchor="middle">
                {placeName(place, isAxe)}
              </text>
            </g>
          );
        })}
      </svg>
      <p className="text-[0.92rem] text-soft">Ring: before. Dot: now. Upright line: its range.</p>
    </section>
  );
}

function Mark(props: {
  x: number;
  estimate: ApexEstimate;
  y: (um: number) => number;
  isNow: boolean;
}) {
  const { x, estimate, y, isNow } = props;
  return (
    <>
      <path
        d={`M${x},${y(estimate.lowUm)}V${y(estimate.highUm)}`}
        stroke="var(--ink)"
        strokeWidth={isNow ? 3 : 1}
      />
      <circle
        cx={x}
        cy={y(estimate.apexRadiusUm)}
        r={6}
        fill={isNow ? 'var(--ink)' : 'var(--color-base-100)'}
        stroke="var(--ink)"
        strokeWidth={2}
      />
    </>
  );
}

function spoken({ place, before, now }: PlaceProgress, isAxe: boolean): string {
  const said = (estimate: ApexEstimate | null): string =>
    estimate ? um(estimate.apexRadiusUm) : 'not tested';
  return `${placeName(place, isAxe)}: ${said(before)} before, ${said(now)} now`;
}
