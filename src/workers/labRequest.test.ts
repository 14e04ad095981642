/** @jest-environment node */
import { sample } from '../testing/sample';
import { readLabRequest } from './labRequest';

const tool = sample.tools[0]!;
const REQUEST = {
  question: 'wobble',
  tool,
  zone: tool.zones[0]!,
  apexRadiusUm: 4,
  experiment: {
    hold: { angleDeg: 15, wobbleDeg: 1.5, leftSteeperDeg: 0, backSteeperDeg: 0 },
    forceN: 8,
    strokesPerSide: 40,
    stone: { family: 'diamond', sizeUm: 25 },
    strokeLengthMm: 95,
  },
  runs: 2000,
  seed: 1,
};

it('passes a sound question and names what is wrong with another', () => {
  expect(readLabRequest(REQUEST)).toEqual(REQUEST);
  const { experiment } = REQUEST;
  for (const [bad, field] of [
    [{ ...REQUEST, question: 'why' }, 'question'],
    [{ ...REQUEST, runs: 1e9 }, 'runs'],
    [{ ...REQUEST, apexRadiusUm: NaN }, 'apexRadiusUm'],
    [{ ...REQUEST, experiment: { ...experiment, forceN: '8' } }, 'forceN'],
    [{ ...REQUEST, zone: { ...REQUEST.zone, bevelAngleDeg: 90 } }, 'bevelAngleDeg'],
  ] as const) {
    expect(() => readLabRequest(bad)).toThrow(field);
  }
});
