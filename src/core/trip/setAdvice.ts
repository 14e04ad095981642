import { sum } from 'd3-array';
import { edgeRuns, type EdgeProblem } from './edgeRuns';
import type { EdgeForecast, TripForecast, TripProblem } from './types';

/** A set is spoken of from so many dull hours on (mean). */
const DULL_HOURS = 0.1;
/** Or where mid-job work comes so often, over all days. */
const OFTEN = 0.1;

/** A saving smaller than this (min) is none. */
const WORTH_MINUTES = 1;

/** What a way costs over the whole trip, all of it means. */
interface WayCost {
  minutes: number;
  belowHours: number;
}

/** Knives alike that are dull before the job ends: one more of them, or a touch-up more in mid-job. */
export interface SetAdvice {
  edgeId: string;
  toolId: string;
  /** Knives of the set as it is. */
  copies: number;
  /** The first day on which it happens. */
  day: number;
  asPlanned: WayCost;
  oneMore: WayCost;
  oneStopMore: WayCost;
  cheaper: 'one more' | 'touch-up';
  /** Whether one more of them would save anything at all. */
  oneMoreSaves: boolean;
  /** Minutes of work after which one of them is dull and the next is taken up. */
  swapMinutes: number;
  /** How long all of them last at that work (h), and at which. */
  lasts: { hours: number; taskId: string };
}

/**
 * For each set that gives up before its work does, what one more knife and what one more stop in mid-job
 * would cost over the trip, on the same chances. The cheaper one takes fewer minutes, dull hours counted
 * as minutes lost. `runsOf` may remember the runs of an edge.
 */
export function setAdvice(
  { edges, ...shared }: TripProblem,
  forecast: TripForecast,
  runsOf = edgeRuns,
): SetAdvice[] {
  return edges.flatMap((edge): SetAdvice[] => {
    const own = forecast.edges.find(({ id }) => id === edge.id)!;
    const first = own.days.find(
      ({ belowHours, midJob }) =>
        belowHours.mean >= DULL_HOURS || midJob.strop + midJob.stone + midJob.file >= OFTEN,
    );
    if (edge.copies < 2 || !first) return [];
    const otherwise = (change: Partial<EdgeProblem>): WayCost =>
      costOf(runsOf({ ...shared, edge, ...change }).forecast);
    const { policy } = shared;
    const oneMore = otherwise({ edge: { ...edge, copies: edge.copies + 1 } });
    const [job] = edge.work.filter(({ day }) => day === first.day);
    const work = job ?? edge.work[0]!;
    const swapHours =
      work.wear.umPerHour > 0
        ? Math.max(0, work.needUm - edge.startUm) / work.wear.umPerHour
        : Infinity;
    const oneStopMore = otherwise({ policy: { ...policy, midJobStops: policy.midJobStops + 1 } });
    return [
      {
        edgeId: edge.id,
        toolId: edge.toolId,
        copies: edge.copies,
        day: first.day,
        asPlanned: costOf(own),
        oneMore,
        oneStopMore,
        oneMoreSaves: lost(costOf(own)) - lost(oneMore) >= WORTH_MINUTES,
        swapMinutes: 60 * swapHours,
        lasts: { hours: edge.copies * swapHours, taskId: work.taskId },
        cheaper: lost(oneMore) <= lost(oneStopMore) ? 'one more' : 'touch-up',
      },
    ];
  });
}

function costOf({ days }: EdgeForecast): WayCost {
  return {
    minutes: sum(days, (day) => day.midJobMinutes.mean + day.eveningMinutes.mean),
    belowHours: sum(days, (day) => day.belowHours.mean),
  };
}

function lost({ minutes, belowHours }: WayCost): number {
  return minutes + 60 * belowHours;
}
