import { PRIORS, type Prior } from '../../core/priors';
import { forecastTrip, tripProblem } from '../../core/trip';
import { tasksOfTrip } from '../../domain/tripTasks';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { edgeWorking } from './edgeWorkingLines';

const stands = sampleStandings();
const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;
const problem = tripProblem({
  trip,
  zones: stands.states,
  shelf: sample,
  hand: stands.hand,
  runs: 100,
  seed: 3,
});
const { edges } = forecastTrip(problem);

/** Every number in some words. */
const numbersIn = (words: string): number[] => (words.match(/\d+(?:\.\d+)?/g) ?? []).map(Number);

it('the working of an edge on a trip names no constant that the table does not hold', () => {
  const table = Object.values<Prior>(PRIORS).map(({ value }) => value);
  let named = 0;
  for (const edge of edges) {
    for (const { what, formula } of edgeWorking(edge, problem, tasksOfTrip(trip))) {
      if (!/, chips$| asks for$/.test(what)) continue;
      // A square is written as one, and no constant.
      for (const number of numbersIn(formula)) {
        expect(table).toContain(number);
        named += 1;
      }
    }
  }
  expect(named).toBeGreaterThan(edges.length);
});

it('multiplies to what it says an edge dulls by', () => {
  for (const edge of edges) {
    for (const { what, formula, answer } of edgeWorking(edge, problem, tasksOfTrip(trip))) {
      if (!what.endsWith(', dulling')) continue;
      const [rate, steel, taught] = numbersIn(formula) as [number, number, number];
      // Factors are shown with two digits.
      expect(numbersIn(answer)[0]! / (rate * steel * taught)).toBeGreaterThan(0.9);
      expect(numbersIn(answer)[0]! / (rate * steel * taught)).toBeLessThan(1.1);
    }
  }
});
