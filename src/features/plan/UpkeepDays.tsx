'use client';

import { planWords as say } from './words/planWords';
import { scaleLinear } from 'd3-scale';
import { differenceInDays } from 'date-fns';
import type { UpkeepAnswer } from '../../core/answers';
import { useWidth } from '../../ui/useWidth';

const HEIGHT = 92;
const LINE_Y = 48;

/**
 * Days across, today a post: the last stone, the strops since, the stone to come; dashed, where it would have
 * come without them.
 */
export function UpkeepDays({ answer, now }: { answer: UpkeepAnswer; now: string }) {
  const { stoneAt, since, withDays, withoutDays } = answer;
  const [ref, width] = useWidth<SVGSVGElement>(420);
  if (stoneAt === null) return <p className="text-soft">{say.noStoneInLogYet}</p>;
  const day = (at: string): number => differenceInDays(at, now);
  const last = day(stoneAt);
  const next = withDays === null ? null : last + withDays;
  const without = withoutDays === null ? null : last + withoutDays;
  const ends = [last, 0, next ?? 0, without ?? 0];
  const x = scaleLinear([Math.min(...ends) - 2, Math.max(...ends, 5) + 2], [20, width - 20]);
  const square = (at: number, dashed: boolean) => (
    <rect
      x={x(at) - 8}
      y={LINE_Y - 8}
      width={16}
      height={16}
      fill={dashed ? 'none' : 'var(--ink)'}
      stroke="var(--ink)"
      strokeWidth={2}
      strokeDasharray={dashed ? '3 3' : undefined}
    />
  );
  return (
    <svg
      ref={ref}
      className="figures block w-full"
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      fontSize={14}
      role="img"
      aria-label={say.lastStoneAndStrops(
        -last,
        since.length,
        next === null ? null : Math.round(next),
      )}
    >
      <line x1={x(last)} x2={x(0)} y1={LINE_Y} y2={LINE_Y} stroke="var(--ink)" strokeWidth={3} />
      {next !== null && next > 0 && (
        <line
          x1={x(0)}
          x2={x(next)}
          y1={LINE_Y}
          y2={LINE_Y}
          stroke="var(--ink)"
          strokeDasharray="2 5"
        />
      )}
      <line x1={x(0)} x2={x(0)} y1={18} y2={HEIGHT - 24} stroke="var(--ink)" strokeWidth={3} />
      <text x={x(0)} y={14} textAnchor="middle" fontWeight={650}>
        {say.today}
      </text>
      {square(last, false)}
      <text x={x(last)} y={HEIGHT - 6} textAnchor="start">
        {say.stoneDaysAgo(-last)}
      </text>
      {since.map((at) => (
        <circle key={at} cx={x(day(at))} cy={LINE_Y} r={5} fill="var(--ink)" />
      ))}
      {without !== null && square(without, true)}
      {next !== null && square(next, false)}
      {next !== null && (
        <text x={x(next)} y={HEIGHT - 6} textAnchor="end">
          {next > 0 ? say.stoneInDays(Math.round(next)) : say.aStoneIsDue}
        </text>
      )}
    </svg>
  );
}
