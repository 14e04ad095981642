import { useId } from 'react';
import type { CoursePoint, EdgeCourse } from '../../../core/answers';
import { KEEN_UP_TO } from '../../../core/sharpness';
import { Band, Course } from '../../../ui/plot';
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
  const along = { data: line, x: (point: CoursePoint): number => at(point.at) };
  const last = line.at(-1);
  const end = x(new Date(nowMs));
  const asked = y(targetUm);
  return (
    <g fill="none" stroke="var(--ink)">
      {line.length > 1 && (
        <>
          <clipPath id={clip}>
            <rect x={0} width={end} y={y(KEEN_UP_TO * targetUm)} height={bottom} />
          </clipPath>
          <g clipPath={`url(#${clip})`} fillOpacity={0.7} stroke="none">
            <Band {...along} low={() => 0} high={({ apexUm }) => y(apexUm)} />
          </g>
        </>
      )}
      <path d={`M0,${asked}H${end}`} strokeDasharray="2 4" strokeWidth={1.2} />
      {hasRange &&
        (['lowUm', 'highUm'] as const).map((end) => (
          <Course
            key={end}
            {...along}
            y={(point) => y(point[end])}
            stroke="var(--steel)"
            strokeWidth={0.9}
          />
        ))}
      <Course {...along} y={({ apexUm }) => y(apexUm)} strokeWidth={1.4} />
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
