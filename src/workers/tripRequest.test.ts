import { forecastTrip, tripProblem } from '../core';
import { sample } from '../testing/sample';
import { sampleStandings } from '../testing/sampleStandings';
import { planText, readPlanText } from './planText';
import { readTripRequest } from './tripRequest';

const { states, hand } = sampleStandings();
const problem = tripProblem({
  ...{ trip: sample.trips[0]!, zones: states, shelf: sample, hand, runs: 50, seed: 1 },
});

describe('a forecast as it is asked for across a border', () => {
  it('arrives as it was sent, and gives the same answer', () => {
    const sent = readPlanText(planText(problem));
    const read = readTripRequest(sent);
    expect(read).toEqual(problem);
    expect(forecastTrip(read)).toEqual(forecastTrip(problem));
  });

  it.each([
    ['runs', { runs: 1e9 }],
    ['days', { days: 0 }],
    ['edges', { edges: Array.from({ length: 121 }, () => problem.edges[0]) }],
    ['policy.midJobStops', { policy: { ...problem.policy, midJobStops: 1.5 } }],
    ['edges[0].startUm', { edges: [{ ...problem.edges[0], startUm: -1 }] }],
    [
      'edges[0].work[0].hours',
      { edges: [{ ...problem.edges[0], work: [{ ...problem.edges[0]!.work[0], hours: 'two' }] }] },
    ],
  ])('names the field that is wrong: %s', (path, change) => {
    expect(() => readTripRequest({ ...problem, ...change })).toThrow(
      expect.objectContaining({ path }) as Error,
    );
  });

  it('keeps a limit that is none', () => {
    expect(readPlanText(planText({ most: Infinity, few: [1, Infinity] }))).toEqual({
      ...{ most: Infinity, few: [1, Infinity] },
    });
  });

  it('refuses what is no problem at all', () => {
    for (const odd of [null, 7, [], 'trip', {}]) expect(() => readTripRequest(odd)).toThrow();
  });
});
