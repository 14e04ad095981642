import { millisecondsInDay as DAY_MS } from 'date-fns/constants';
import { min } from 'd3-array';
import { scaleTime, type ScaleTime } from 'd3-scale';
import type { EdgeCourse } from '../../../core/answers';
import type { Span } from '../logFilter';

export type TimeScale = ScaleTime<number, number>;

/** Room at the left for the labels of the levels (px). */
const LABELS_PX = 26;

/** From the first thing that is known of any edge until a little after today. */
export function wholeSpan(courses: readonly EdgeCourse[], nowMs: number): Span {
  const starts = courses.flatMap(({ entries, line }) =>
    [entries[0], line[0]].flatMap((each) => (each ? [Date.parse(each.at)] : [])),
  );
  const firstMs = min([...starts, nowMs - 30 * DAY_MS])!;
  const margin = Math.max(5 * DAY_MS, 0.03 * (nowMs - firstMs));
  return [firstMs - margin, nowMs + margin];
}

export function timeScale(span: Span, width: number): TimeScale {
  return scaleTime()
    .domain(span.map((ms) => new Date(ms)))
    .range([LABELS_PX, width - 2]);
}
