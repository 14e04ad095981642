import { mean, sum } from 'd3-array';
import { namedStream, partOf } from '../random';
import { noEvents, type EventCounts, type TouchUpEvent } from './events';
import { COURSE_STEP_HOURS, simulateEdge, type RunDay } from './simulateEdge';
import { spreadOf } from './spreadOf';
import {
  RUNGS_OUT,
  type Chances,
  type EdgeDay,
  type EdgeForecast,
  type RungOut,
  type Spread,
  type TripEdge,
  type TripProblem,
} from './types';

/** One edge of a trip, by all that its runs hang on. */
export type EdgeProblem = Omit<TripProblem, 'edges'> & { edge: TripEdge };

/** What the runs of one edge come to. */
export interface EdgeRuns {
  forecast: EdgeForecast;
  /** What each run adds to the sums of the trip, day by day; null for a day that adds nothing. */
  added: (AddedByRun | null)[];
}

/** By run. */
interface AddedByRun {
  eveningMinutes: Float64Array;
  midJobMinutes: Float64Array;
  waterMl: Float64Array;
}

/**
 * The runs of one edge through the days of a trip. Its streams of chance hang on its id and the run alone:
 * another edge's change leaves its figures as they are.
 */
export function edgeRuns({ edge, policy, days, runs, seed }: EdgeProblem): EdgeRuns {
  const stream = namedStream(edge.id, seed);
  const all = Array.from({ length: runs }, (_, run) =>
    simulateEdge(edge, policy, days, partOf(stream, run)),
  );
  const total = (of: (noted: RunDay) => number): Spread =>
    spreadOf(Float64Array.from(all, (own) => sum(own, (noted) => of(noted))));
  const byDay = Array.from({ length: days }, (_, day) => all.map((own) => own[day]!));
  const forecast: EdgeForecast = {
    id: edge.id,
    toolId: edge.toolId,
    zoneId: edge.zoneId,
    days: byDay.map((own, day) => edgeDay(day, hoursAhead(edge, day), own)),
    strokesPerSide: total(({ strokesPerSide }) => strokesPerSide),
    waterMl: total((noted) => noted.waterMl),
    passes: total((noted) => noted.passes),
    events: {
      midJob: eventCounts(all, ({ midJobEvents }) => midJobEvents),
      evening: eventCounts(all, ({ eveningEvents }) => eveningEvents),
      evenings: byDay.map((own) =>
        eventCounts(
          own.map((noted) => [noted]),
          ({ eveningEvents }) => eveningEvents,
        ),
      ),
    },
  };
  return { forecast, added: byDay.map(addedBy) };
}

function addedBy(runs: readonly RunDay[]): AddedByRun | null {
  if (runs.every(({ midJob, eveningWork }) => midJob.length === 0 && !eveningWork)) return null;
  return {
    eveningMinutes: Float64Array.from(runs, ({ eveningMinutes }) => eveningMinutes),
    midJobMinutes: Float64Array.from(runs, ({ midJobMinutes }) => midJobMinutes),
    waterMl: Float64Array.from(runs, ({ waterMl }) => waterMl),
  };
}

/** Hours of work of a day that still lie ahead of an edge. */
function hoursAhead({ work, fromDay }: TripEdge, day: number): number {
  if (day < fromDay) return 0;
  return sum(work, (job) => (job.day === day ? job.hours : 0));
}

/** How often each event comes in a run, on average. */
function eventCounts(
  runs: readonly RunDay[][],
  of: (noted: RunDay) => readonly TouchUpEvent[],
): EventCounts {
  const counts = noEvents();
  for (const run of runs) {
    for (const noted of run) for (const event of of(noted)) counts[event] += 1 / runs.length;
  }
  return counts;
}

function edgeDay(day: number, hours: number, runs: readonly RunDay[]): EdgeDay {
  const values = new Float64Array(runs.length);
  const of = (value: (run: RunDay) => number): Spread => {
    runs.forEach((run, i) => (values[i] = value(run)));
    return spreadOf(values);
  };
  const steps = hours > 0 ? Math.round(hours / COURSE_STEP_HOURS) : -1;
  const course = Array.from({ length: steps + 1 }, (_, step) => ({
    hour: step * COURSE_STEP_HOURS,
    // Those who were done sooner stay where they were.
    apex: of(({ course: own, eveningUm }) => own[Math.min(step, own.length - 1)] ?? eveningUm),
  }));
  return {
    day,
    hours,
    course,
    evening: of(({ eveningUm }) => eveningUm),
    overnight: of(({ overnightUm }) => overnightUm),
    midJob: chances(runs, ({ midJob }) => midJob),
    eveningWork: chances(runs, ({ eveningWork }) => (eveningWork ? [eveningWork] : [])),
    chipChance: share(runs, ({ chipped }) => chipped),
    belowHours: of(({ belowHours }) => belowHours),
    homeChance: share(runs, ({ isHome }) => isHome),
    lostHours: mean(runs, ({ lostHours }) => lostHours)!,
    midJobMinutes: of(({ midJobMinutes }) => midJobMinutes),
    eveningMinutes: of(({ eveningMinutes }) => eveningMinutes),
    midJobMinutesBy: minutesBy(runs, ({ midJob, midJobMinutes }) =>
      midJob.map((rung) => ({ rung, minutes: midJobMinutes / midJob.length })),
    ),
    eveningMinutesBy: minutesBy(runs, ({ eveningWork: rung, eveningMinutes: minutes }) =>
      rung ? [{ rung, minutes }] : [],
    ),
    swaps: mean(runs, ({ swaps }) => swaps)!,
  };
}

function chances(runs: readonly RunDay[], of: (run: RunDay) => readonly RungOut[]): Chances {
  return Object.fromEntries(
    RUNGS_OUT.map((rung) => [rung, share(runs, (run) => of(run).includes(rung))]),
  ) as Chances;
}

/** Mean minutes of each rung, over the runs in which it comes. */
function minutesBy(
  runs: readonly RunDay[],
  of: (run: RunDay) => readonly { rung: RungOut; minutes: number }[],
): Record<RungOut, number> {
  const all = runs.flatMap((run) => of(run));
  return Object.fromEntries(
    RUNGS_OUT.map((rung) => [
      rung,
      mean(
        all.filter((own) => own.rung === rung),
        ({ minutes }) => minutes,
      ) ?? 0,
    ]),
  ) as Record<RungOut, number>;
}

function share(runs: readonly RunDay[], holds: (run: RunDay) => boolean): number {
  return runs.filter(holds).length / runs.length;
}
