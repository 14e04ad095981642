'use client';

import { scaleLog } from 'd3-scale';
import {
  RUNGS_OUT,
  type EdgeDay,
  type EdgeForecast,
  type LearnedDulling,
  type RungOut,
  type TripProblem,
} from '../../core';
import type { TripTask } from '../../domain/tripTasks';
import { plural, um } from '../../ui/format';
import { LevelTicks } from '../../ui/LevelTicks';
import { useWidth } from '../../ui/useWidth';
import { edgeTitle } from '../../ui/words/tripWords';
import { EdgeWorking } from './EdgeWorking';
import { DAY_HOURS } from './paint';
import { LIKELY, rungPath } from './RungMark';

const HEIGHT = 262;
const LEFT = 64;
const TOP = 12;
const BOTTOM = 74;
/** Share of a day's column that its eight hours take; the rest is the evening. */
const HOURS_SHARE = 0.76;
const TICKS_UM = [0.5, 1, 2, 4, 8, 15];
/** Chances are drawn from here on. */
const SHOWN_FROM = 0.1;

/** The rungs that are drawn of a day, the likeliest first where there is room for one. */
function shown(chances: EdgeDay['midJob'], isNarrow: boolean): RungOut[] {
  const likely = RUNGS_OUT.filter((rung) => chances[rung] >= SHOWN_FROM);
  return isNarrow ? likely.sort((a, b) => chances[b] - chances[a]).slice(0, 1) : likely;
}

/**
 * One edge through the trip on the scale of its apex, keen at the top: the band of two in three, the
 * middle course, what the work asks for, and what comes in mid-job and in the evening.
 */
export default function ApexChart(props: {
  name: string;
  edge: EdgeForecast;
  problem: TripProblem;
  dulling: LearnedDulling;
  tasks: readonly TripTask[];
  dayName: (day: number) => string;
}) {
  const { name, edge, problem, dulling, tasks, dayName } = props;
  const [ref, width] = useWidth<SVGSVGElement>(820);
  const { work, targetUm } = problem.edges.find(({ id }) => id === edge.id)!;
  const title = edgeTitle(name, edge, dayName);
  const column = (width - LEFT) / edge.days.length;
  const x = (day: number, hour: number): number =>
    LEFT + day * column + (column * HOURS_SHARE * hour) / DAY_HOURS;
  const eveningX = (day: number): number => LEFT + (day + 0.88) * column;
  const highest = Math.max(targetUm * 4, ...edge.days.map(({ evening }) => evening.high));
  const y = scaleLog()
    .domain([Math.min(0.5, targetUm * 0.6), highest * 1.1])
    .range([TOP, HEIGHT - BOTTOM])
    .clamp(true);
  const needUm = work.length > 0 ? Math.min(...work.map((job) => job.needUm)) : null;
  // A narrow column has room for the likeliest alone, as a bare number out of ten.
  const isNarrow = column < 130;
  const lanes = [HEIGHT - 34, HEIGHT - 12];
  return (
    <section aria-label={`${name} through the trip`}>
      <h2>{title}</h2>
      <svg
        ref={ref}
        className="figures block w-full"
        height={HEIGHT}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="img"
        aria-label={`${title}. ${edge.days.map((day) => `${dayName(day.day)}: about ${um(day.evening.median)} by evening`).join('; ')}`}
        fontSize={13}
        fill="var(--ink)"
      >
        <LevelTicks
          ticks={TICKS_UM.filter((tick) => tick <= highest && tick >= y.domain()[0]!).map(
            (tick) => ({ y: y(tick), label: um(tick) }),
          )}
          from={LEFT}
          to={width}
        />
        {needUm !== null && (
          <line
            x1={LEFT}
            x2={width}
            y1={y(needUm)}
            y2={y(needUm)}
            stroke="var(--ink)"
            strokeWidth={2}
            strokeDasharray="8 5"
          />
        )}
        {edge.days.map(({ day, course, evening, overnight, midJob, eveningWork }) => {
          const last = course.at(-1);
          const band = [
            ...course.map(({ hour, apex }) => `${x(day, hour)},${y(apex.low)}`),
            ...[...course].reverse().map(({ hour, apex }) => `${x(day, hour)},${y(apex.high)}`),
          ].join(' ');
          const line = course
            .map(({ hour, apex }) => `${x(day, hour)},${y(apex.median)}`)
            .join(' ');
          const from = last ? x(day, last.hour) : x(day, 0);
          return (
            <g key={day}>
              <line
                x1={LEFT + day * column}
                x2={LEFT + day * column}
                y1={TOP}
                y2={HEIGHT - BOTTOM + 6}
                stroke="var(--rule)"
              />
              {course.length > 1 && <polygon points={band} fill="var(--steel-light)" />}
              {course.length > 1 && (
                <polyline points={line} fill="none" stroke="var(--ink)" strokeWidth={2.6} />
              )}
              <path
                d={`M${from},${y(evening.median)}H${eveningX(day)}V${y(overnight.median)}H${LEFT + (day + 1) * column}`}
                fill="none"
                stroke="var(--ink)"
                strokeDasharray="2 4"
              />
              <text x={LEFT + day * column + 4} y={HEIGHT - BOTTOM + 16}>
                {dayName(day)}
              </text>
              {[midJob, eveningWork].map((chances, lane) =>
                shown(chances, isNarrow).map((rung, i) => (
                  <g key={`${lane} ${rung}`}>
                    <path
                      d={rungPath(rung, LEFT + day * column + 14 + i * 62, lanes[lane]! - 4)}
                      fill={chances[rung] >= LIKELY ? 'var(--ink)' : 'var(--color-base-100)'}
                      stroke="var(--ink)"
                      strokeWidth={1.6}
                    />
                    <text x={LEFT + day * column + 26 + i * 62} y={lanes[lane]}>
                      {Math.round(10 * chances[rung])}
                      {!isNarrow && ' in 10'}
                    </text>
                  </g>
                )),
              )}
            </g>
          );
        })}
        {needUm !== null && (
          <text
            x={width - 4}
            y={y(needUm) - 6}
            textAnchor="end"
            fontWeight={700}
            stroke="var(--color-base-100)"
            strokeWidth={5}
            paintOrder="stroke"
          >
            work asks for {um(needUm)}
          </text>
        )}
        <text x={LEFT - 6} y={lanes[0]} textAnchor="end">
          mid-job
        </text>
        <text x={LEFT - 6} y={lanes[1]} textAnchor="end">
          evening
        </text>
      </svg>
      <p className="text-[0.92rem] text-soft">
        Line: the middle course of {plural(problem.runs, 'run')}. Band: two in three. Circle: strop;
        square: stone; triangle: file, with their chances in ten; hollow under five.
      </p>
      <EdgeWorking edge={edge} problem={problem} tasks={tasks} dulling={dulling} />
    </section>
  );
}
