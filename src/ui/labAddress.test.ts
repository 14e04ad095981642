/** @jest-environment node */
import fc from 'fast-check';
import { ABRASIVE_FAMILIES } from '../domain/families';
import type { Experiment } from '../domain/experiment';
import type { PlayedStep } from '../domain/playedStep';
import { labLink } from './labLink';
import { LAB_QUESTIONS, readLab } from './labAddress';

const USUAL: Experiment = {
  hold: { angleDeg: 15, wobbleDeg: 1.5, leftSteeperDeg: 0, backSteeperDeg: 0 },
  forceN: 8,
  strokesPerSide: 40,
  stone: { family: 'diamond', sizeUm: 25 },
  strokeLengthMm: 95,
};

const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const anyExperiment: fc.Arbitrary<Experiment> = fc.record({
  hold: fc.record({
    angleDeg: between(5, 60),
    wobbleDeg: between(0, 6),
    leftSteeperDeg: between(-6, 6),
    backSteeperDeg: between(-6, 6),
  }),
  forceN: between(1, 60),
  strokesPerSide: fc.integer({ min: 1, max: 400 }),
  stone: fc.record({
    family: fc.constantFrom(...ABRASIVE_FAMILIES),
    sizeUm: between(0.5, 500),
  }),
  strokeLengthMm: between(10, 300),
});

const queryOf = (link: string): URLSearchParams => new URL(link, 'http://open.trail').searchParams;

it('holds a whole experiment, and gives it back', () => {
  fc.assert(
    fc.property(anyExperiment, fc.constantFrom(...LAB_QUESTIONS), (experiment, question) => {
      const link = labLink({ toolId: 'wren', zoneId: 'edge', question, experiment });
      expect(readLab(queryOf(link), USUAL)).toEqual({
        played: null,
        question,
        // A zero keeps no sign in an address.
        experiment: JSON.parse(JSON.stringify(experiment)) as Experiment,
      });
    }),
  );
});

const AS_USUAL = { question: 'wobble', experiment: USUAL, played: null };

const anySteps: fc.Arbitrary<PlayedStep[]> = fc.array(
  fc.record({
    name: fc.string({ minLength: 1, maxLength: 40 }).map((word) => `n${word}`.trim()),
    family: fc.constantFrom(...ABRASIVE_FAMILIES),
    sizeUm: between(0.5, 2000),
    angleDeg: between(5, 60),
    forceN: between(0.1, 100),
    strokeLengthMm: between(5, 400),
    workedMm: between(1, 1000),
    left: fc.nat(20_000),
    right: fc.nat(20_000),
    finishUm: between(0.05, 50),
  }),
  { minLength: 1, maxLength: 20 },
);

it('carries the strokes of a plan or an entry, and the apex that they begin on', () => {
  fc.assert(
    fc.property(anySteps, fc.option(between(0.05, 200)), (steps, startUm) => {
      const link = labLink({
        toolId: 'wren',
        zoneId: 'edge',
        question: 'steps',
        played: { steps, startUm },
      });
      expect(readLab(queryOf(link), USUAL).played).toEqual({ steps, startUm });
    }),
  );
});

it('plays no strokes that are out of range or no strokes at all', () => {
  const [step] = fc.sample(anySteps, 1)[0]!;
  for (const steps of ['', '[', '[]', '7', JSON.stringify([{ ...step, left: 1e9 }]), '[null]']) {
    expect(readLab(new URLSearchParams({ ask: 'steps', steps }), USUAL).played).toBeNull();
  }
});

it('takes the usual for what an address does not say, or says out of range', () => {
  const asked = (query: string) => readLab(new URLSearchParams(query), USUAL);
  expect(asked('')).toEqual(AS_USUAL);
  expect(asked('wobble=2.5').experiment.hold.wobbleDeg).toBe(2.5);
  for (const bad of ['wobble=99', 'strokes=1e9', 'family=gold', 'hold=', 'um=abc', 'ask=why']) {
    expect(asked(bad)).toEqual(AS_USUAL);
  }
});
