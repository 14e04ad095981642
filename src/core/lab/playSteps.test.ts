/** @jest-environment node */
import { COUNT_SCHEMES } from '../../domain/terms';
import type { PlayedStep } from '../../domain/playedStep';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { askStrokes } from './askStrokes';
import { labEdge } from './labEdge';
import { labMoment } from './labCourse';
import { playedEntry, playedPlan, playSteps } from './playSteps';

const needs = sampleStandings().needs;
const wren = needs.find(({ tool }) => tool.id === 'wren')!;
const edge = labEdge({ tool: wren.tool, zone: wren.zone, apexRadiusUm: 4 });
const HAND = { wobbleDeg: 1.5, leftSteeperDeg: 0, backSteeperDeg: 0 };

const STEP: PlayedStep = {
  name: 'plate',
  family: 'diamond',
  sizeUm: 25,
  angleDeg: 15,
  forceN: 8,
  strokeLengthMm: 95,
  workedMm: edge.lengthMm,
  left: 40,
  right: 40,
  finishUm: 0.87,
};

const play = (steps: PlayedStep[], more: Partial<Parameters<typeof playSteps>[0]> = {}) =>
  playSteps({ edge, steps, hand: HAND, scheme: 'alternate', runs: 200, seed: 7, ...more })
    .courses[0];

it('plays one step just as the lab answers for one stone', () => {
  const answer = askStrokes({
    question: 'wobble',
    edge,
    experiment: {
      hold: { ...HAND, angleDeg: 15 },
      forceN: 8,
      strokesPerSide: 40,
      stone: { family: 'diamond', sizeUm: 25 },
      strokeLengthMm: 95,
    },
    runs: 200,
    seed: 7,
  });
  const played = play([STEP]);
  const own = answer.courses[0];
  expect(played.edge).toEqual(own.edge);
  expect(played.apexReachedAt).toEqual(own.apexReachedAt);
  expect(played.steelMg).toBeCloseTo(own.steelMg, 9);
  expect(play([STEP])).toEqual(played);
});

it('plays the stones of every plan of the sample, in their order and at their holds', () => {
  const played = needs.flatMap(({ tool, zone, plan }) => {
    const steps = plan ? playedPlan({ zone, steps: plan.steps }) : [];
    return steps.length > 0 ? [{ tool, zone, plan: plan!, steps }] : [];
  });
  expect(played.length).toBeGreaterThan(4);
  for (const { tool, zone, plan, steps } of played) {
    const stones = plan.steps.filter(({ abrasive }) => abrasive.kind === 'stone');
    expect(steps.map(({ angleDeg }) => angleDeg)).toEqual(
      stones.map(({ angleDeg, stretch }) => stretch?.angleDeg ?? angleDeg),
    );
    const own = labEdge({ tool, zone, apexRadiusUm: 4 });
    const course = play(steps, { edge: own, runs: 40 });
    const strokes = steps.reduce((sum, { left, right }) => sum + left + right, 0);
    expect(course.strokes).toHaveLength(strokes);
    expect(course.stones.map(({ finishUm }) => finishUm)).toEqual(
      steps.map(({ finishUm }) => finishUm),
    );
    // Nothing ends keener than its last stone leaves it.
    expect(course.end.radiusUm).toBeGreaterThanOrEqual(
      Math.min(own.startUm, steps.at(-1)!.finishUm) - 1e-9,
    );
    expect(labMoment(course, strokes)).toEqual(course.end);
  }
});

it('plays every entry of the sample that its shelf still knows the stones of', () => {
  let played = 0;
  for (const session of sample.sessions) {
    const tool = sample.tools.find(({ id }) => id === session.toolId)!;
    const zone = tool.zones.find(({ id }) => id === session.zoneId)!;
    const { steps, unknown } = playedEntry({ zone, session, shelf: sample });
    if (steps.length === 0) continue;
    played += 1;
    expect(unknown).toEqual([]);
    const own = labEdge({ tool, zone, apexRadiusUm: 4 });
    for (const scheme of COUNT_SCHEMES) {
      const course = play(steps, { edge: own, scheme, runs: 2 });
      for (const side of ['left', 'right'] as const) {
        expect(course.strokes.filter((stroke) => stroke.side === side)).toHaveLength(
          steps.reduce((sum, step) => sum + step[side], 0),
        );
      }
    }
  }
  expect(played).toBeGreaterThan(8);
});

it('names what it cannot play: a stone that is gone, and strokes that nobody counted', () => {
  const session = sample.sessions.find(
    ({ steps, job }) => job === 'touch-up' && steps.some(({ kind }) => kind === 'stone'),
  )!;
  const tool = sample.tools.find(({ id }) => id === session.toolId)!;
  const zone = tool.zones.find(({ id }) => id === session.zoneId)!;
  const names = session.steps
    .filter(({ kind, left, right }) => kind === 'stone' && left + right > 0)
    .map(({ abrasiveName }) => abrasiveName);
  const bare = { abrasives: [], strops: [], compounds: [], lubricants: [] };
  expect(playedEntry({ zone, session, shelf: bare })).toMatchObject({ steps: [], unknown: names });
});

it('a side at a time and in turn take the same steel, and a finer stone after a coarse one ends finer', () => {
  const [turn, side] = [play([STEP]), play([STEP], { scheme: 'a side at a time' })];
  expect(side.steelMg).toBe(turn.steelMg);
  expect(side.strokes.slice(0, 40).every((stroke) => stroke.side === 'left')).toBe(true);
  const coarse = { ...STEP, sizeUm: 60, finishUm: 1.6, left: 60, right: 60 };
  const [one, both] = [play([coarse]), play([coarse, STEP])];
  expect(both.grams.at(-1)!.p50).toBeLessThan(one.grams.at(-1)!.p50);
  expect(both.stones).toEqual([
    { from: 0, finishUm: 1.6 },
    { from: 120, finishUm: 0.87 },
  ]);
});
