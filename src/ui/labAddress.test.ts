/** @jest-environment node */
import fc from 'fast-check';
import { ABRASIVE_FAMILIES } from '../domain/families';
import type { Experiment } from '../domain/experiment';
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
        question,
        // A zero keeps no sign in an address.
        experiment: JSON.parse(JSON.stringify(experiment)) as Experiment,
      });
    }),
  );
});

it('takes the usual for what an address does not say, or says out of range', () => {
  const asked = (query: string) => readLab(new URLSearchParams(query), USUAL);
  expect(asked('')).toEqual({ question: 'wobble', experiment: USUAL });
  expect(asked('wobble=2.5').experiment.hold.wobbleDeg).toBe(2.5);
  for (const bad of ['wobble=99', 'strokes=1e9', 'family=gold', 'hold=', 'um=abc', 'ask=why']) {
    expect(asked(bad)).toEqual({ question: 'wobble', experiment: USUAL });
  }
});
