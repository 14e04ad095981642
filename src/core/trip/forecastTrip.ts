import { namedStream, partOf } from './random';
import { COURSE_STEP_HOURS, simulateEdge, type RunDay } from './simulateEdge';
import {
  RUNGS_OUT,
  type Chances,
  type EdgeDay,
  type EdgeForecast,
  type RungOut,
  type Spread,
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
      }),
    );
    onProgress((i + 1) / edges.length);
    const total = (of: (noted: RunDay) => number): Spread =>
      spread(Float64Array.from(all, (own) => own.reduce((sum, noted) => sum + of(noted), 0)));
    return {
      ...{ id: edge.id, toolId: edge.toolId, zoneId: edge.zoneId },
      days: Array.from({ length: days }, (_, day) =>
        edgeDay(
          day,
          edge.work.filter((job) => job.day === day).reduce((sum, { hours }) => sum + hours, 0),
          all.map((own) => own[day]!),
        ),
      ),
      strokesPerSide: total(({ strokesPerSide }) => strokesPerSide),
      waterMl: total((noted) => noted.waterMl),
    };
  });
  return {
    runs,
    edges: forecasts,
    eveningMinutes: eveningMinutes.map(spread),
    midJobMinutes: midJobMinutes.map(spread),
    waterMl: waterMl.map(spread),
  };
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
    ...{ day, hours, course },
    evening: of(({ eveningUm }) => eveningUm),
    overnight: of(({ overnightUm }) => overnightUm),
    midJob: chances(runs, ({ midJob }) => midJob),
    eveningWork: chances(runs, ({ eveningWork }) => (eveningWork ? [eveningWork] : [])),
    chipChance: share(runs, ({ chipped }) => chipped),
    belowHours: of(({ belowHours }) => belowHours),
    midJobMinutes: of(({ midJobMinutes }) => midJobMinutes),
    eveningMinutes: of(({ eveningMinutes }) => eveningMinutes),
    swaps: runs.reduce((sum, { swaps }) => sum + swaps, 0) / runs.length,
  };
}

function chances(runs: readonly RunDay[], of: (run: RunDay) => readonly RungOut[]): Chances {
  return Object.fromEntries(
    RUNGS_OUT.map((rung) => [rung, share(runs, (run) => of(run).includes(rung))]),
  ) as Chances;
}

function share(runs: readonly RunDay[], holds: (run: RunDay) => boolean): number {
  return runs.filter(holds).length / runs.length;
}

/** 16, 50 and 84 % of some values, and their mean; the values are sorted in their place. */
function spread(values: Float64Array): Spread {
  const mean = values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
  values.sort();
  const at = (portion: number): number =>
    values[Math.min(values.length - 1, Math.floor(portion * values.length))] ?? 0;
  return { low: at(0.16), median: at(0.5), high: at(0.84), mean };
}
