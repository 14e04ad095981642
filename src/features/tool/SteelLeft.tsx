'use client';

import { scaleLinear } from 'd3-scale';
import {
  recessionsSinceMeasured,
  steelBudget,
  steelPace,
  thickening,
  workingFace,
  zoneNow,
  type Thickening,
} from '../../core';
import { useToolLog } from '../../live';
import type { Tool, Zone } from '../../domain/tool';
import { fineMm, mm, plural, yearsAhead } from '../../ui/format';
import { useWidth } from '../../ui/useWidth';

const HEIGHT = 190;
const LEFT = 52;
const BOTTOM = 40;

/** Steel left to sharpen away, and how the worked face widens until it wants thinning. */
export function SteelLeft({ tool, zone }: { tool: Tool; zone: Zone }) {
  const sessions = useToolLog(tool.id)?.sessions ?? [];
  const pace = steelPace(tool, zone, sessions);
  const face = workingFace(tool, zoneNow(tool, zone, sessions));
  const past = recessionsSinceMeasured(tool, zone, sessions).map((r) => r.recessionMm);
  const lostMm = past.reduce((sum, each) => sum + each, 0);
  const budget = steelBudget({
    depthMm: Math.max(0, tool.bladeWidthMm - lostMm),
    reserveMm: tool.reserveMm,
    recessionPerTouchUpMm: pace.recessionMm,
    touchUpsPerYear: pace.touchUpsPerYear,
  });
  const growth = thickening({
    ...face,
    ...pace,
    faceLimitMm: zone.faceLimitMm,
    pastRecessionsMm: past,
  });
  return (
    <section className="mt-8">
      <h2>{growthTitle(growth)}</h2>
      <GrowthChart growth={growth} />
      <p>
        {mm(budget.leftMm)} of steel left above what must remain: about{' '}
        {plural(budget.touchUps, 'touch-up')}
        {pace.touchUpsPerYear > 0 && `, ${yearsAhead(budget.years)}`}. Each takes{' '}
        {(1000 * pace.recessionMm).toFixed(0)} µm,{' '}
        {pace.touchUps > 0
          ? `from ${pace.touchUps} of your own`
          : 'a usual value until your log says'}
        .
      </p>
    </section>
  );
}

function growthTitle({ touchUpsLeft, faceLimitMm }: Thickening): string {
  if (touchUpsLeft === 0) return `Past its limit of ${fineMm(faceLimitMm)}: thinning is due`;
  if (!Number.isFinite(touchUpsLeft)) return 'The worked face does not grow: no thinning ahead';
  return `${plural(touchUpsLeft, 'touch-up')} until the worked face reaches ${fineMm(faceLimitMm)}`;
}

function GrowthChart({ growth }: { growth: Thickening }) {
  const [ref, width] = useWidth<SVGSVGElement>(560);
  const { points, faceLimitMm, touchUpsLeft } = growth;
  const last = points.at(-1)!;
  const x = scaleLinear()
    .domain([points[0]!.touchUp, last.touchUp])
    .range([LEFT, width - 12]);
  const y = scaleLinear()
    .domain([0, Math.max(last.faceWidthMm, faceLimitMm) * 1.12])
    .range([HEIGHT - BOTTOM, 8]);
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
        {y.ticks(3).map((tick) => (
          <g key={tick}>
            <line x1={LEFT - 6} x2={LEFT} y1={y(tick)} y2={y(tick)} />
            <text
              className="figures"
              x={LEFT - 9}
              y={y(tick) + 5}
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
          face, mm
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
