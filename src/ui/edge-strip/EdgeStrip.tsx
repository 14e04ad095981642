'use client';

import type { EdgeWord } from '../../core/inspection';
import type { Finding } from '../../domain/session';
import { useWidth } from '../useWidth';
import { describeEdge, edgePath, edgeWeight } from './edgePath';

/** One stretch of the strip: a zone of the tool as it stands. */
export interface Stretch {
  name: string;
  startMm: number;
  endMm: number;
  word: EdgeWord;
  findings: readonly Finding[];
}

const EDGE_Y = 18;
const STEEL_Y = 33;
const TICKS_Y = 38;

/**
 * A rule to scale from heel to tip, its line drawn as the edge is: smooth where keen, toothed where
 * it works, thick and rounded where blunt, a notch at each chip, a hook where a burr stands. Work
 * done is a second line under it.
 */
export function EdgeStrip(props: {
  edgeLengthMm: number;
  stretches: readonly Stretch[];
  worked?: readonly { startMm: number; endMm: number }[];
  ends?: readonly [heel: string, tip: string];
}) {
  const { edgeLengthMm, stretches, worked = [], ends } = props;
  const [ref, width] = useWidth<SVGSVGElement>(260);
  const x = (placeMm: number): number => 2 + ((width - 4) * placeMm) / edgeLengthMm;
  const height = ends ? 66 : 50;
  return (
    <svg
      ref={ref}
      className="block w-full"
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={describeEdge(stretches)}
    >
      <line x1={x(0)} x2={x(edgeLengthMm)} y1={STEEL_Y} y2={STEEL_Y} stroke="var(--rule)" />
      {stretches.map((stretch) => (
        <StretchLine key={stretch.name} stretch={stretch} x={x} />
      ))}
      {worked.map(({ startMm, endMm }) => (
        <line
          key={startMm}
          x1={x(startMm)}
          x2={x(endMm)}
          y1={STEEL_Y}
          y2={STEEL_Y}
          stroke="var(--ink)"
          strokeWidth={4}
        />
      ))}
      <Ticks edgeLengthMm={edgeLengthMm} x={x} />
      {ends && (
        <g fontSize={14}>
          <text x={x(0)} y={64}>
            {ends[0]}
          </text>
          <text x={x(edgeLengthMm)} y={64} textAnchor="end">
            {ends[1]}
          </text>
        </g>
      )}
    </svg>
  );
}

function StretchLine({ stretch, x }: { stretch: Stretch; x: (mm: number) => number }) {
  const { word, startMm, endMm, findings } = stretch;
  const chips = findings
    .filter(({ kind }) => kind === 'chip' || kind === 'roll')
    .map(({ atMm, depthMm }) => ({ x: x(atMm), depthMm }));
  return (
    <g fill="none" stroke="var(--ink)" strokeLinecap="round" strokeLinejoin="round">
      {startMm > 0 && <line x1={x(startMm)} x2={x(startMm)} y1={8} y2={STEEL_Y} strokeWidth={1} />}
      <path
        d={edgePath(word, x(startMm) + 2, x(endMm), EDGE_Y, chips)}
        strokeWidth={edgeWeight(word)}
        strokeDasharray={word === 'unknown' ? '3 6' : undefined}
      />
      {findings.map((finding) => (
        <Mark key={`${finding.kind}${finding.atMm}`} finding={finding} at={x(finding.atMm)} />
      ))}
    </g>
  );
}

/** Findings that are not cut into the line: a burr's hook, a glint's bar, rust's dots. */
function Mark({ finding, at }: { finding: Finding; at: number }) {
  switch (finding.kind) {
    case 'burr': {
      const turn = finding.side === 'right' ? 1 : -1;
      return (
        <path
          d={`M${at},${EDGE_Y - 1}v-9q${0},-6 ${7 * turn},-5q${4 * turn},1 ${4 * turn},5`}
          stroke="var(--blaze)"
          strokeWidth={2.4}
        />
      );
    }
    case 'glint':
      return (
        <line
          x1={at - 5}
          x2={at + 5}
          y1={EDGE_Y - 8}
          y2={EDGE_Y - 8}
          stroke="var(--blaze)"
          strokeWidth={3}
        />
      );
    case 'rust':
      return (
        <g fill="var(--blaze)" stroke="none">
          {[-5, 0, 5].map((dx) => (
            <circle key={dx} cx={at + dx} cy={EDGE_Y + 7} r={1.8} />
          ))}
        </g>
      );
    default:
      return <circle cx={at} cy={EDGE_Y - 9} r={2.6} fill="var(--blaze)" stroke="none" />;
  }
}

function Ticks({ edgeLengthMm, x }: { edgeLengthMm: number; x: (mm: number) => number }) {
  const places = Array.from({ length: Math.floor(edgeLengthMm / 10) + 1 }, (_, i) => i * 10);
  return (
    <g stroke="var(--rule)">
      {places.map((place) => (
        <line
          key={place}
          x1={x(place)}
          x2={x(place)}
          y1={TICKS_Y}
          y2={TICKS_Y + (place % 50 === 0 ? 10 : 5)}
        />
      ))}
    </g>
  );
}
