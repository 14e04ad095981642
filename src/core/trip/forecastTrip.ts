import { edgeRuns, type EdgeProblem, type EdgeRuns } from './edgeRuns';
import { spreadOf } from './spreadOf';
import type { TripForecast, TripProblem } from './types';

/**
 * What the edges of a trip will do, by Monte Carlo over days, tools and stretches of work. Medians are
 * medians; the mean lies about a quarter above. `runsOf` may remember the runs of an edge that nothing has
 * changed for.
 */
export function forecastTrip(problem: TripProblem, runsOf = edgeRuns): TripForecast {
  return tripForecast(
    problem,
    edgeProblems(problem).map((own) => runsOf(own)),
  );
}

/** The edges of a trip, each by all that its runs hang on. */
export function edgeProblems({ edges, ...shared }: TripProblem): EdgeProblem[] {
  return edges.map((edge) => ({ ...shared, edge }));
}

/** The forecast of a trip from the runs of its edges. */
export function tripForecast(
  { days, runs }: Pick<TripProblem, 'days' | 'runs'>,
  edges: readonly EdgeRuns[],
): TripForecast {
  const eveningMinutes = sums(days, runs);
  const midJobMinutes = sums(days, runs);
  const waterMl = sums(days, runs);
  const minutes = new Float64Array(runs);
  for (const { added } of edges) {
    added.forEach((own, day) => {
      if (!own) return;
      for (let run = 0; run < runs; run += 1) {
        eveningMinutes[day]![run]! += own.eveningMinutes[run]!;
        midJobMinutes[day]![run]! += own.midJobMinutes[run]!;
        waterMl[day]![run]! += own.waterMl[run]!;
        minutes[run]! += own.eveningMinutes[run]! + own.midJobMinutes[run]!;
      }
    });
  }
  return {
    runs,
    edges: edges.map(({ forecast }) => forecast),
    minutes: spreadOf(minutes),
    eveningMinutes: eveningMinutes.map(spreadOf),
    midJobMinutes: midJobMinutes.map(spreadOf),
    waterMl: waterMl.map(spreadOf),
  };
}

function sums(days: number, runs: number): Float64Array[] {
  return Array.from({ length: days }, () => new Float64Array(runs));
}
