import { sum } from 'd3-array';
import { forecastTrip } from './forecastTrip';
import type { EdgeForecast, TripForecast, TripProblem } from './types';

/** A set is spoken of from so many dull hours on (mean). */
const DULL_HOURS = 0.1;
/** Or where mid-job work comes so often, over all days. */
const OFTEN = 0.1;

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
}

/**
 * For each set that gives up before its work does, what one more knife and what one more stop in mid-job
 * would cost over the trip, on the same chances. The cheaper one takes fewer minutes, dull hours counted
 * as minutes lost.
 */
export function setAdvice(problem: TripProblem, forecast: TripForecast): SetAdvice[] {
  return problem.edges.flatMap((edge): SetAdvice[] => {
    const own = forecast.edges.find(({ id }) => id === edge.id)!;
    const first = own.days.find(
      ({ belowHours, midJob }) =>
        belowHours.mean >= DULL_HOURS || midJob.strop + midJob.stone + midJob.file >= OFTEN,
    );
    if (edge.copies < 2 || !first) return [];
    const alone = (change: Partial<TripProblem>): WayCost =>
      costOf(forecastTrip({ ...problem, edges: [edge], ...change }).edges[0]!);
    const { policy } = problem;
    const oneMore = alone({ edges: [{ ...edge, copies: edge.copies + 1 }] });
    const oneStopMore = alone({ policy: { ...policy, midJobStops: policy.midJobStops + 1 } });
    return [
      {
        edgeId: edge.id,
        toolId: edge.toolId,
        copies: edge.copies,
        day: first.day,
        asPlanned: costOf(own),
        oneMore,
        oneStopMore,
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
