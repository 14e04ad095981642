import { remembered } from '../src/core/remembered';
import { edgeCosts, edgeRuns, forecastTrip, tripProblem } from '../src/core/trip';
import { sampleStandings } from '../src/testing/sampleStandings';
import { sample } from '../src/testing/sample';
import { millisecondsEach } from './millisecondsEach';

/**
 * The forecast of the sample's trip: nine edges over five days, its costs planned once an edge, against the same
 * with the costs planned anew for every touch-up that comes; and the same with one tool painted anew.
 */

const { states, hand } = sampleStandings();
const [trip] = sample.trips;
const everyTool = { ...trip!, toolIds: sample.tools.map(({ id }) => id) };
const RUNS = 2000;
let planning: (() => void)[] = [];
const problem = tripProblem({
  trip: everyTool,
  zones: states,
  shelf: sample,
  hand,
  runs: RUNS,
  seed: 1,
  costsOf: (input) => {
    planning.push(() => void edgeCosts(input));
    return edgeCosts(input);
  },
});
planning = planning.slice(0, problem.edges.length);
const forecast = forecastTrip(problem);
const touchUps =
  RUNS *
  forecast.edges
    .flatMap(({ events }) => [...Object.values(events.midJob), ...Object.values(events.evening)])
    .reduce((sum, count) => sum + count, 0);

const withMs = millisecondsEach(() => forecastTrip(problem), 3);
const planMs = millisecondsEach(() => planning.forEach((plan) => plan()), 3) / planning.length;
const withoutMs = withMs + touchUps * planMs;
console.log(`Forecast of ${problem.edges.length} edges over ${problem.days} days, ${RUNS} runs`);
console.log(`  with its cost tables                  ${withMs.toFixed(0)} ms`);
console.log(
  `  each of ${Math.round(touchUps)} touch-ups planned anew     ${(withoutMs / 1000).toFixed(0)} s, from the time of one`,
);
console.log(`  ratio                                 ${(withoutMs / withMs).toFixed(0)} times`);

/** An hour more is painted on one tool, again and again. */
function painted(times: number): typeof problem {
  const [edge, ...others] = problem.edges;
  const work = edge!.work.map((job) => ({ ...job, hours: job.hours + times }));
  return { ...problem, edges: [{ ...edge!, work }, ...others] };
}

const runsOf = remembered(edgeRuns, 150);
forecastTrip(problem, runsOf);
let times = 0;
const rememberedMs = millisecondsEach(() => forecastTrip(painted((times += 1)), runsOf), 3);
console.log(`An hour more is painted on one of its tools`);
console.log(`  the other edges remembered            ${rememberedMs.toFixed(0)} ms`);
console.log(`  every edge run anew                   ${withMs.toFixed(0)} ms`);
console.log(`  ratio                                 ${(withMs / rememberedMs).toFixed(0)} times`);
