'use client';

import { uiSectionWords as say } from '../words/sectionWords';
import { useId } from 'react';
import type { ProfilePoint, Reshaped } from '../../core/edge';
import type { LadderStep } from '../../core/ladder';
import { useWidth } from '../useWidth';
import { scaleBar } from './drawing';

const HEIGHT = 270;
const TOP = 34;
const FOOT = 44;
const LEFT = 20;
/** Room for the numbers of the facets, ahead of the steel. */
const RIGHT = 90;

/**
 * A section before and after another angle is ground, to one scale, apex to the right: dotted as it was, hatched
 * what is taken, filled what stays; each facet of an arc with its number and its line at its own angle.
 */
export function ReshapedDrawing({
  reshaped,
  facets,
}: {
  reshaped: Reshaped;
  facets: readonly LadderStep[];
}) {
  const { before, after, zoneAfter, recessionMm } = reshaped;
  const [ref, width] = useWidth<SVGSVGElement>(560);
  const hatch = useId();
  const endMm = after.at(-1)!.depthMm;
  const shownMm = Math.max(1.25 * endMm, 0.6);
  const halfMm = Math.max(
    ...before.filter(({ depthMm }) => depthMm <= shownMm).map((p) => p.halfMm),
    0.05,
  );
  const middle = TOP + (HEIGHT - TOP - FOOT) / 2;
  const scale = Math.min((width - LEFT - RIGHT) / shownMm, (HEIGHT - TOP - FOOT) / (2 * halfMm));
  const x = (depthMm: number): number => width - RIGHT - depthMm * scale;
  const y = (halfMm: number): number => middle + halfMm * scale;
  const outline = (points: readonly ProfilePoint[]): string => {
    const shown = upTo(points, shownMm);
    const upper = shown.map((p) => `${x(p.depthMm)},${y(-p.halfMm)}`);
    return [...upper, ...shown.map((p) => `${x(p.depthMm)},${y(p.halfMm)}`).reverse()].join(' ');
  };
  // Behind the new face the old one goes on.
  const stays = [
    ...(recessionMm > 0 ? after.slice(1) : after),
    ...before.filter(({ depthMm }) => depthMm > endMm),
  ];
  return (
    <svg
      ref={ref}
      className="block w-full"
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label={say.sectionAsPlanned(zoneAfter.bevelAngleDeg, recessionMm)}
    >
      <pattern
        id={hatch}
        width="6"
        height="6"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1="0" x2="0" y1="0" y2="6" stroke="var(--ink)" strokeWidth="1.5" />
      </pattern>
      <polygon
        points={outline(before)}
        fill={`url(#${hatch})`}
        stroke="var(--ink)"
        strokeDasharray="2 4"
      />
      <polygon
        points={outline(stays)}
        fill="var(--steel-light)"
        stroke="var(--ink)"
        strokeWidth={1.8}
        strokeLinejoin="round"
      />
      {facets.map((step) => (
        <FacetLine
          key={step.facet!.number}
          step={step}
          after={after}
          x={x}
          middle={middle}
          scale={scale}
        />
      ))}
      <Words recessionMm={recessionMm} middle={middle} scale={scale} width={width} />
    </svg>
  );
}

/** The scale, what is dotted and hatched, and how far the apex goes back: clear of the steel. */
function Words(props: { recessionMm: number; middle: number; scale: number; width: number }) {
  const { recessionMm, middle, scale, width } = props;
  const bar = scaleBar((width - LEFT - RIGHT) / scale / 3);
  return (
    <g className="figures" fontSize={15}>
      <path
        d={`M${LEFT},${HEIGHT - 16}v8h${bar.lengthMm * scale}v-8`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2}
      />
      <text x={LEFT + 6} y={HEIGHT - 14}>
        {bar.label}
      </text>
      <text x={width - 8} y={18} textAnchor="end" fill="var(--soft)">
        {say.dottedAsItIsHatched}
      </text>
      {recessionMm >= 0.005 && (
        <text x={width - 8} y={middle + 5} textAnchor="end">
          {say.back(recessionMm)}
        </text>
      )}
    </g>
  );
}

/** One facet: the stone’s line at its own angle, from where it lies on to beyond the edge, and its number there. */
function FacetLine(props: {
  step: LadderStep;
  after: readonly ProfilePoint[];
  x: (depthMm: number) => number;
  middle: number;
  scale: number;
}) {
  const { step, after, x, middle, scale } = props;
  const { facet, angleDeg } = step;
  const apexMm = after.find(({ depthMm, halfMm }) => halfMm > 0 || depthMm > 0)?.depthMm ?? 0;
  const endMm = after.at(-1)!.depthMm;
  const atMm = apexMm + ((facet!.number - 0.5) / facet!.of) * (endMm - apexMm);
  const halfMm = halfAt(after, atMm);
  const slope = Math.tan((angleDeg * Math.PI) / 180);
  const aheadMm = atMm - apexMm + (14 + 17 * (facet!.of - facet!.number)) / scale;
  const behindMm = 26 / scale;
  const y = (mmAhead: number): number => middle - (halfMm - slope * mmAhead) * scale;
  const [tipX, tipY] = [x(atMm - aheadMm), y(aheadMm)];
  return (
    <g stroke="var(--ink)">
      <line x1={x(atMm + behindMm)} y1={y(-behindMm)} x2={tipX} y2={tipY} strokeWidth={2.4} />
      <circle cx={tipX} cy={tipY} r={10} fill="var(--ink)" />
      <text
        className="figures"
        x={tipX}
        y={tipY + 5}
        textAnchor="middle"
        fontSize={14}
        fontWeight={700}
        stroke="none"
        style={{ fill: 'var(--lit)' }}
      >
        {facet!.number}
      </text>
    </g>
  );
}

function halfAt(points: readonly ProfilePoint[], depthMm: number): number {
  const next = points.findIndex((p) => p.depthMm >= depthMm);
  if (next <= 0) return points[Math.max(0, next)]!.halfMm;
  const [a, b] = [points[next - 1]!, points[next]!];
  const share = (depthMm - a.depthMm) / Math.max(1e-9, b.depthMm - a.depthMm);
  return a.halfMm + share * (b.halfMm - a.halfMm);
}

function upTo(points: readonly ProfilePoint[], depthMm: number): ProfilePoint[] {
  const kept = points.filter((p) => p.depthMm <= depthMm);
  return points.some((p) => p.depthMm > depthMm)
    ? [...kept, { depthMm, halfMm: halfAt(points, depthMm) }]
    : kept;
}
