import { useId } from 'react';
import { KEEN_UP_TO, type EdgeCourse } from '../../../core';
import type { TimeScale } from './timeAxis';

/**
 * One edge through time: thick uprights where it was worked, thin slopes between tests, dots since the
 * last one; what is asked as a dotted level, shaded where the edge was rounder than that.
 */
export function CourseLines(props: {
  course: EdgeCourse;
  x: TimeScale;
  y: (apexUm: number) => number;
  bottom: number;
  nowMs: number;
  /** Whether the range of each test is drawn. */
  hasRange: boolean;
}) {
  const { course, x, y, bottom, nowMs, hasRange } = props;
  const clip = useId();
  const { line, entries, targetUm } = course;
  const at = (iso: string): number => x(new Date(iso));
  const path = (of: 'apexUm' | 'lowUm' | 'highUm'): string =>
    line.map((point) => `${round(at(point.at))},${round(y(point[of]))}`).join('L');
  const [first, last] = [line[0], line.at(-1)];
  const end = x(new Date(nowMs));
  const asked = y(targetUm);
  return (
    <g fill="none" stroke="var(--ink)">
      {first && last && (
        <>
          <clipPath id={clip}>
            <rect x={0} width={end} y={y(KEEN_UP_TO * targetUm)} height={bottom} />
          </clipPath>
          <path
            d={`M${at(first.at)},0L${path('apexUm')}L${at(last.at)},0Z`}
            fill="var(--steel-light)"
            fillOpacity={0.7}
            stroke="none"
            clipPath={`url(#${clip})`}
          />
        </>
      )}
      <path d={`M0,${asked}H${end}`} strokeDasharray="2 4" strokeWidth={1.2} />
      {hasRange && line.length > 1 && (
        <g stroke="var(--steel)" strokeWidth={0.9}>
          <path d={`M${path('lowUm')}`} />
          <path d={`M${path('highUm')}`} />
        </g>
      )}
      {line.length > 1 && <path d={`M${path('apexUm')}`} strokeWidth={1.4} />}
      {last && (
        <path
          d={`M${at(last.at)},${y(last.apexUm)}H${end}`}
          strokeDasharray="1.5 4"
          strokeWidth={1.6}
        />
      )}
      <path
        d={entries
          .flatMap(({ before, after }) =>
            before && after
              ? [`M${round(at(before.at))},${round(y(before.apexUm))}V${round(y(after.apexUm))}`]
              : [],
          )
          .join('')}
        strokeWidth={2.8}
      />
      <path
        d={line.map((p) => `M${round(at(p.at))},${round(y(p.apexUm))}h0`).join('')}
        strokeWidth={5.5}
        strokeLinecap="round"
      />
    </g>
  );
}

function round(px: number): number {
  return Math.round(px * 10) / 10;
}
