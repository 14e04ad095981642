import { stepWith } from './stepWith';
import { stone, strop } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';

const step = sample.sessions.flatMap(({ steps }) => steps).find(({ kind }) => kind === 'stone')!;

it('a step with another thing in the hand keeps what was done, and nothing of what was counted for it', () => {
  const other = stepWith(step, stone(12));
  expect(other).toMatchObject({ itemId: 'stone-12', sizeUm: 12, baseline: null, learnedFactor: 1 });
  expect([other.left, other.right, other.tests]).toEqual([step.left, step.right, step.tests]);
  expect(stepWith(step, strop(1))).toMatchObject({ kind: 'strop', form: null, reachMm: null });
  expect(stepWith(step, stone(12, { id: step.itemId }))).toBe(step);
});
