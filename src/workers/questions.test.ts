/** @jest-environment node */
import { greatest, range } from 'd3-array';
import { zoneStates } from '../core/inspection';
import {
  candidateWorth,
  kitProblem,
  limitsBind,
  needsOfEachOnce,
  NO_LIMITS,
  rackRound,
  solveKit,
  thingsWorth,
} from '../core/kit';
import { askStrokes, labEdge, playedEntry, playSteps, STROKE_QUESTIONS } from '../core/lab';
import { shelfAbrasives, type LadderStone } from '../core/ladder';
import { glintAlong, rimOnPhoto, traceLine } from '../core/measure';
import { forecastTrip, tripProblem } from '../core/trip';
import { USUAL_TRIP } from '../domain/trip';
import { paintPhoto, TRIED_SCENE } from '../instruments';
import { usualHand } from '../testing/bench';
import { sample } from '../testing/sample';
import type { LabRequest, PlayRequest } from './labClient';

/** Each thread's largest real question, answered as it is and as it comes out on the other side of a thread. */
const crossed = structuredClone;

/** The crew's tools five times over: an instructor's forty. */
const fortyTools = range(5).flatMap((copy) =>
  sample.tools.map((tool) => ({ ...tool, id: `${tool.id}-${copy}`, name: `${tool.name} ${copy}` })),
);
const zones = zoneStates({ ...sample, tools: fortyTools });

it('the kit’s: forty tools, every thing, limits', () => {
  const problem = kitProblem({
    needs: needsOfEachOnce(zones, 0.15),
    shelf: sample,
    helpers: sample.helpers,
    wishes: { ...USUAL_TRIP.kit, covers: ['wipe', 'rust film', 'see the angle'] },
    minutesPerTouchUp: 30,
    hand: usualHand,
  });
  expect(problem.needs.length).toBeGreaterThan(40);
  const kits = solveKit(problem);
  expect(solveKit(crossed(problem)).points).toEqual(kits.points);
  const lightest = { ...NO_LIMITS, grams: kits.points[0]!.grams };
  expect(limitsBind(kits, NO_LIMITS, 20)).toBe(false);
  expect(limitsBind(kits, crossed(lightest), 20)).toBe(true);
});

it('the worth of things: one round of forty tools', () => {
  const round = rackRound({ zones, shelf: sample, chipDepthMm: 0.1, hand: usualHand });
  expect(thingsWorth(crossed(round))).toEqual(thingsWorth(round));
  const stone = shelfAbrasives(sample)[0]!.abrasive as LadderStone;
  expect(candidateWorth(crossed(round), crossed(stone))).toEqual(candidateWorth(round, stone));
});

const wren = sample.tools[0]!;
const setting = {
  tool: wren,
  zone: wren.zones[0]!,
  apexRadiusUm: 4,
  experiment: {
    hold: { angleDeg: 15, wobbleDeg: 1.5, leftSteeperDeg: 0, backSteeperDeg: 0 },
    forceN: 8,
    strokesPerSide: 40,
    stone: { family: 'diamond' as const, sizeUm: 25 },
    strokeLengthMm: 95,
  },
  runs: 20,
  seed: 1,
};

it.each(STROKE_QUESTIONS)('the lab’s: %s', (question) => {
  const asked: LabRequest = { ...setting, question };
  const answer = ({ experiment, runs, seed, ...edge }: LabRequest) =>
    askStrokes({ question, edge: labEdge(edge), experiment, runs, seed });
  expect(answer(crossed(asked))).toEqual(answer(asked));
});

it('the lab’s: an entry of the log played', () => {
  const { steps } = playedEntry({ zone: setting.zone, session: longestOf(wren.id), shelf: sample });
  const asked: PlayRequest = { ...setting, steps, scheme: 'alternate' };
  const played = ({ experiment, runs, seed, scheme, ...edge }: PlayRequest) =>
    playSteps({
      edge: labEdge(edge),
      hand: experiment.hold,
      steps: edge.steps,
      scheme,
      runs,
      seed,
    });
  expect(steps.length).toBeGreaterThan(1);
  expect(played(crossed(asked))).toEqual(played(asked));
});

it('the picture’s: lines, a rim and glints of a photo', () => {
  const { raster, edge, outline, rimAt } = paintPhoto(TRIED_SCENE);
  const traced = { taps: edge.filter((_, i) => i % 8 === 0), isClosed: false };
  expect(traceLine({ raster, ...crossed(traced) })).toEqual(traceLine({ raster, ...traced }));
  const taps = [0, 2, 4].map(rimAt);
  expect(rimOnPhoto({ raster, taps: crossed(taps) })).toEqual(rimOnPhoto({ raster, taps }));
  const glints = { line: outline, pxPerMm: TRIED_SCENE.pxPerMm };
  expect(glintAlong({ raster, ...crossed(glints) })).toEqual(glintAlong({ raster, ...glints }));
});

it('the trip’s: a trip of forty tools, and its forecast on the way back', () => {
  const trip = { ...sample.trips[0]!, toolIds: fortyTools.map(({ id }) => id) };
  const forecast = (asked: typeof trip) =>
    forecastTrip(
      tripProblem({ trip: asked, zones, shelf: sample, hand: usualHand, runs: 20, seed: 5 }),
    );
  const made = forecast(trip);
  expect(made.edges.length).toBeGreaterThanOrEqual(40);
  expect(forecast(crossed(trip))).toEqual(made);
  expect(crossed(made)).toEqual(made);
});

/** The tool's touch-up with the most steps. */
function longestOf(toolId: string) {
  const own = sample.sessions.filter((session) => session.toolId === toolId);
  return greatest(own, (a, b) => a.steps.length - b.steps.length)!;
}
