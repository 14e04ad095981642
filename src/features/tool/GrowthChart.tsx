'use client';

import { scaleLinear } from 'd3-scale';
import type { Thickening } from '../../core';
import { fineMm, plural } from '../../ui/format';
import { unitOf } from '../../ui/forms/measures';
import { isImperial, MM_PER_INCH } from '../../ui/units';
import { useWidth } from '../../ui/useWidth';

const HEIGHT = 190;
const LEFT = 52;
const BOTTOM = 40;

/** What the chart says, in words. */
export function growthTitle({ touchUpsLeft, faceLimitMm }: Thickening): string {
  if (touchUpsLeft === 0) return `Past its limit of ${fineMm(faceLimitMm)}: thinning is due`;
  if (!Number.isFinite(touchUpsLeft)) return 'The worked face does not grow: no thinning ahead';
  return `${plural(touchUpsLeft, 'touch-up')} until the worked face reaches ${fineMm(faceLimitMm)}`;
}

/** How the worked face widens with every touch-up, past and to come, until it wants thinning. */
export function GrowthChart({ growth }: { growth: Thickening }) {
  const [ref, width] = useWidth<SVGSVGElement>(560);
  const { points, faceLimitMm, touchUpsLeft } = growth;
  const last = points.at(-1)!;
  const x = scaleLinear()
    .domain([points[0]!.touchUp, last.touchUp])
    .range([LEFT, width - 12]);
  const y = scaleLinear()
    .domain([0, Math.max(last.faceWidthMm, faceLimitMm) * 1.12])
    .range([HEIGHT - BOTTOM, 8]);
  const unitMm = isImperial() ? MM_PER_INCH : 1;
  const inUnits = y.copy().domain(y.domain().map((valueMm) => valueMm / unitMm));
  const line = points.map((p) => `${x(p.touchUp)},${y(p.faceWidthMm)}`).join(' ');
  return (
    <svg
      ref={ref}
      className="block w-full"
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label={growthTitle(growth)}
    >
      <g stroke="var(--ink)">
        <path d={`M${LEFT},8V${HEIGHT - BOTTOM}H${width - 12}`} fill="none" />
        {x.ticks(Math.max(2, Math.floor(width / 110))).map((tick) => (
          <g key={tick}>
            <line x1={x(tick)} x2={x(tick)} y1={HEIGHT - BOTTOM} y2={HEIGHT - BOTTOM + 6} />
            <text
              className="figures"
              x={x(tick)}
              y={HEIGHT - BOTTOM + 20}
              textAnchor="middle"
              fontSize={14}
              stroke="none"
            >
              {tick}
            </text>
          </g>
        ))}
        {inUnits.ticks(3).map((tick) => (
          <g key={tick}>
            <line x1={LEFT - 6} x2={LEFT} y1={inUnits(tick)} y2={inUnits(tick)} />
            <text
              className="figures"
              x={LEFT - 9}
              y={inUnits(tick) + 5}
              textAnchor="end"
              fontSize={14}
              stroke="none"
            >
              {tick}
            </text>
          </g>
        ))}
        <text x={width - 12} y={HEIGHT - 4} textAnchor="end" fontSize={14} stroke="none">
          touch-ups from now
        </text>
        <text x={4} y={HEIGHT - 4} fontSize={14} stroke="none">
          face, {unitOf('length')}
        </text>
      </g>
      <line
        x1={LEFT}
        x2={width - 12}
        y1={y(faceLimitMm)}
        y2={y(faceLimitMm)}
        stroke="var(--blaze)"
        strokeWidth={2}
        strokeDasharray="7 5"
      />
      <text x={LEFT + 8} y={y(faceLimitMm) - 6} fontSize={14}>
        thin here
      </text>
      {points[0]!.touchUp < 0 && (
        <g stroke="var(--ink)">
          <line x1={x(0)} x2={x(0)} y1={y(0)} y2={y(last.faceWidthMm)} strokeDasharray="3 4" />
          <text x={x(0) + 5} y={y(0) - 6} fontSize={14} stroke="none">
            now
          </text>
        </g>
      )}
      <polyline points={line} fill="none" stroke="var(--ink)" strokeWidth={2.6} />
      {Number.isFinite(touchUpsLeft) && touchUpsLeft > 0 && (
        <circle cx={x(touchUpsLeft)} cy={y(faceLimitMm)} r={5} fill="var(--blaze)" />
      )}
    </svg>
  );
}
