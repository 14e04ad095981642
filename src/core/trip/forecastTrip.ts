import { mean, sum } from 'd3-array';
import { noEvents, type EventCounts, type TouchUpEvent } from './events';
import { namedStream, partOf } from '../random';
import { COURSE_STEP_HOURS, simulateEdge, type RunDay } from './simulateEdge';
import {
  RUNGS_OUT,
  type Chances,
  type EdgeDay,
  type EdgeForecast,
  type RungOut,
  type Spread,
  type TripEdge,
  type TripForecast,
  type TripProblem,
} from './types';

/**
 * What the edges of a trip will do, by Monte Carlo over days, tools and stretches of work. Every edge
 * has streams of chance of its own, by its id and the run: another edge's change leaves its figures as
 * they are. Medians are medians; the mean lies about a quarter above. `onProgress` hears the share.
 */
export function forecastTrip(
  { days, edges, policy, runs, seed }: TripProblem,
  onProgress: (share: number) => void = () => {},
): TripForecast {
  const eveningMinutes = sums(days, runs);
  const midJobMinutes = sums(days, runs);
  const waterMl = sums(days, runs);
  const minutes = new Float64Array(runs);
  const forecasts = edges.map((edge, i): EdgeForecast => {
    const stream = namedStream(edge.id, seed);
    const all = Array.from({ length: runs }, (_, run) =>
      simulateEdge(edge, policy, days, partOf(stream, run)),
    );
    all.forEach((own, run) =>
      own.forEach((noted, day) => {
        eveningMinutes[day]![run]! += noted.eveningMinutes;
        midJobMinutes[day]![run]! += noted.midJobMinutes;
        waterMl[day]![run]! += noted.waterMl;
        minutes[run]! += noted.eveningMinutes + noted.midJobMinutes;
      }),
    );
    onProgress((i + 1) / edges.length);
    const total = (of: (noted: RunDay) => number): Spread =>
      spread(Float64Array.from(all, (own) => sum(own, (noted) => of(noted))));
    return {
      id: edge.id,
      toolId: edge.toolId,
      zoneId: edge.zoneId,
      days: Array.from({ length: days }, (_, day) =>
        edgeDay(
          day,
          hoursAhead(edge, day),
          all.map((own) => own[day]!),
        ),
      ),
      strokesPerSide: total(({ strokesPerSide }) => strokesPerSide),
      waterMl: total((noted) => noted.waterMl),
      passes: total((noted) => noted.passes),
      events: {
        midJob: eventCounts(all, ({ midJobEvents }) => midJobEvents),
        evening: eventCounts(all, ({ eveningEvents }) => eveningEvents),
        evenings: Array.from({ length: days }, (_, day) =>
          eventCounts(
            all.map((own) => [own[day]!]),
            ({ eveningEvents }) => eveningEvents,
          ),
        ),
      },
    };
  });
  return {
    runs,
    edges: forecasts,
    minutes: spread(minutes),
    eveningMinutes: eveningMinutes.map(spread),
    midJobMinutes: midJobMinutes.map(spread),
    waterMl: waterMl.map(spread),
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

function sums(days: number, runs: number): Float64Array[] {
  return Array.from({ length: days }, () => new Float64Array(runs));
}

function edgeDay(day: number, hours: number, runs: readonly RunDay[]): EdgeDay {
  const values = new Float64Array(runs.length);
  const of = (value: (run: RunDay) => number): Spread => {
    runs.forEach((run, i) => (values[i] = value(run)));
    return spread(values);
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

/** 16, 50 and 84 % of some values, and their mean; the values are sorted in their place. */
function spread(values: Float64Array): Spread {
  const first = values[0] ?? 0;
  // A day without work is the same in all runs, and needs no order.
  if (values.every((value) => value === first)) {
    return { low: first, median: first, high: first, mean: first };
  }
  const all = mean(values)!;
  values.sort();
  const at = (portion: number): number =>
    values[Math.min(values.length - 1, Math.floor(portion * values.length))] ?? 0;
  return { low: at(0.16), median: at(0.5), high: at(0.84), mean: all };
}
