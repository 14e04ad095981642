'use client';

import { tripWords as say } from './words';
import { max, min } from 'd3-array';
import { scaleLog } from 'd3-scale';
import { type LearnedDulling, dullingFactor } from '../../core/evidence';
import { PRIORS } from '../../core/priors';
import {
  RUNGS_OUT,
  type EdgeDay,
  type EdgeForecast,
  type RungOut,
  type TripProblem,
} from '../../core/trip';
import type { TripTask } from '../../domain/tripTasks';
import { um, times } from '../../ui/format';
import { Band, Course, Level, LevelAxis, Plot, ticksAt } from '../../ui/plot';
import { edgeTitle } from '../../ui/words/tripWords';
import { DAY_HOURS } from './paint';
import { LIKELY, rungPath } from '../../ui/RungMark';
import { Working } from '../../ui/Working';
import { edgeWorking } from './edgeWorkingLines';

const MARGIN = { left: 64, right: 0, top: 12, bottom: 74 };
/** Share of a day's column that its eight hours take; the rest is the evening. */
const HOURS_SHARE = 0.76;
/** Where in the column the evening's work is drawn. */
const EVENING_SHARE = 0.88;
const TICKS_UM = [0.5, 1, 2, 4, 8, 15];
/** Chances are drawn from here on. */
const SHOWN_FROM = 0.1;
/** A column narrower than this (px) has room for the likeliest alone, as a bare number out of ten. */
const NARROW = 130;
/** The lanes of mid-job and evening, under the days (px from the foot). */
const LANES = [40, 62];
/** Room for one rung with its chance (px). */
const RUNG_PX = 62;

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
  const { work, targetUm } = problem.edges.find(({ id }) => id === edge.id)!;
  const title = edgeTitle(name, edge, dayName);
  const highestUm = max([4 * targetUm, ...edge.days.map(({ evening }) => evening.high)])!;
  const needUm = min(work, (job) => job.needUm);
  const spoken = edge.days.map(({ day, evening }) =>
    say.aboutByEvening(dayName(day), evening.median),
  );
  return (
    <section aria-label={say.throughTheTrip(name)}>
      <h2>{title}</h2>
      <Plot
        height={262}
        margin={MARGIN}
        label={`${title}. ${spoken.join('; ')}`}
        fontSize={13}
        firstWidth={820}
        x={([left, right]) => columns(left, (right - left) / edge.days.length)}
        y={([bottom, top]) =>
          scaleLog([Math.min(0.5, targetUm * 0.6), highestUm * 1.1], [top, bottom]).clamp(true)
        }
      >
        {({ x, y, frame }) => (
          <>
            <LevelAxis frame={frame} ticks={ticksAt(y, TICKS_UM, um)} hasLines />
            {needUm !== undefined && (
              <Level frame={frame} at={y(needUm)} strokeWidth={2} dash="8 5" />
            )}
            {edge.days.map((day) => (
              <g key={day.day}>
                <path
                  d={`M${x.start(day.day)},${frame.top}V${frame.bottom + 6}`}
                  stroke="var(--rule)"
                />
                <DayCourse day={day} x={x} y={y} />
                <text x={x.start(day.day) + 4} y={frame.bottom + 16}>
                  {dayName(day.day)}
                </text>
                {[day.midJob, day.eveningWork].map((chances, lane) => (
                  <Chances
                    key={lane}
                    chances={chances}
                    isNarrow={x.column < NARROW}
                    x={x.start(day.day)}
                    y={frame.bottom + LANES[lane]!}
                  />
                ))}
              </g>
            ))}
            {needUm !== undefined && (
              <Level frame={frame} at={y(needUm)} strokeWidth={0} end="right">
                {say.target(needUm)}
              </Level>
            )}
            {['mid-job', 'evening'].map((lane, i) => (
              <text key={lane} x={frame.left - 6} y={frame.bottom + LANES[i]!} textAnchor="end">
                {lane}
              </text>
            ))}
          </>
        )}
      </Plot>
      <Key runs={problem.runs} />
      <EdgeWorking edge={edge} problem={problem} tasks={tasks} dulling={dulling} />
    </section>
  );
}

function Key({ runs }: { runs: number }) {
  return <p className="text-[0.92rem] text-soft">{say.chartLegend(runs)}</p>;
}

/** A column for each day: its hours of work first, its evening after them. */
function columns(left: number, column: number) {
  const start = (day: number): number => left + day * column;
  return {
    column,
    start,
    hour: (day: number, hour: number) => start(day) + (column * HOURS_SHARE * hour) / DAY_HOURS,
    evening: (day: number) => start(day) + EVENING_SHARE * column,
  };
}

/** A day's band and middle course, and what its evening brings the edge back to. */
function DayCourse(props: {
  day: EdgeDay;
  x: ReturnType<typeof columns>;
  y: (um: number) => number;
}) {
  const { x, y } = props;
  const { day, course, evening, overnight } = props.day;
  const hour = ({ hour }: { hour: number }): number => x.hour(day, hour);
  return (
    <>
      <Band
        data={course}
        x={hour}
        low={({ apex }) => y(apex.low)}
        high={({ apex }) => y(apex.high)}
      />
      <Course data={course} x={hour} y={({ apex }) => y(apex.median)} strokeWidth={2.6} />
      <path
        d={`M${hour(course.at(-1) ?? { hour: 0 })},${y(evening.median)}H${x.evening(day)}V${y(overnight.median)}H${x.start(day + 1)}`}
        fill="none"
        stroke="var(--ink)"
        strokeDasharray="2 4"
      />
    </>
  );
}

/** The rungs that are drawn of a day with their chances, the likeliest alone where there is room for one. */
function Chances(props: { chances: EdgeDay['midJob']; isNarrow: boolean; x: number; y: number }) {
  const { chances, isNarrow, x, y } = props;
  return shown(chances, isNarrow).map((rung, i) => (
    <g key={rung}>
      <path
        d={rungPath(rung, x + 14 + i * RUNG_PX, y - 4)}
        fill={chances[rung] >= LIKELY ? 'var(--ink)' : 'var(--color-base-100)'}
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      <text x={x + 26 + i * RUNG_PX} y={y}>
        {Math.round(10 * chances[rung])}
        {!isNarrow && say.inTen}
      </text>
    </g>
  ));
}

function shown(chances: EdgeDay['midJob'], isNarrow: boolean): RungOut[] {
  const likely = RUNGS_OUT.filter((rung) => chances[rung] >= SHOWN_FROM);
  return isNarrow ? likely.sort((a, b) => chances[b] - chances[a]).slice(0, 1) : likely;
}

/** What the figures of one edge follow from, and how far each may be off. */
function EdgeWorking(props: {
  edge: EdgeForecast;
  problem: TripProblem;
  tasks: readonly TripTask[];
  dulling: LearnedDulling;
}) {
  const { edge, problem, tasks, dulling } = props;
  const { toolId, work } = problem.edges.find(({ id }) => id === edge.id)!;
  const { sdLn, spells } = dullingFactor(dulling, toolId, work[0]?.taskId ?? '');
  return (
    <Working lines={edgeWorking(edge, problem, tasks)}>
      <p className="mt-2 max-w-[70ch] text-[0.95rem]">
        {say.whatRunsAssume(
          spells > 0 ? say.learnedFromSpells(spells) : say.usualRates,
          Math.exp(sdLn),
          factorOf('daySdLn'),
          factorOf('hoursSdLn'),
          factorOf('effortSdLn'),
          PRIORS.chipMedianMm.value,
          problem.runs,
        )}
      </p>
    </Working>
  );
}

/** A spread of the model as the factor that two in three lie within. */
function factorOf(name: 'daySdLn' | 'hoursSdLn' | 'effortSdLn'): string {
  return times(Math.exp(PRIORS[name].value));
}
