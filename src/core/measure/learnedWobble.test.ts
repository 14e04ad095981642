/** @jest-environment node */
import { sample } from '../../testing/sample';
import { HOLD_WOBBLE_DEG } from '../wear';
import { learnedWobble } from './learnedWobble';

const nowMs = Date.parse('2026-11-23T08:00:00Z');
const { practices } = sample;

it('is the usual one without any set, and goes to what is practised with each', () => {
  const none = learnedWobble({ practices: [], person: null, nowMs });
  expect(none).toMatchObject({ value: HOLD_WOBBLE_DEG.freehand, sets: 0 });
  const right = learnedWobble({ practices, person: null, hand: 'right', nowMs });
  expect(right.sets).toBe(4);
  const [first, last] = [3.2, 1.6];
  expect(right.value).toBeGreaterThan(last);
  expect(right.value).toBeLessThan(first);
  expect(right.high - right.low).toBeLessThan(none.high - none.low);
  expect(learnedWobble({ practices, person: null, nowMs }).sets).toBe(8);
});

it('heeds whose set it was, and the newest most', () => {
  expect(learnedWobble({ practices, person: 'Fenn', nowMs }).sets).toBe(0);
  const newest = learnedWobble({ practices, person: null, hand: 'right', nowMs });
  const turned = practices.map((set, i) => ({
    ...set,
    at: practices[practices.length - 1 - i]!.at,
  }));
  const oldest = learnedWobble({ practices: turned, person: null, hand: 'right', nowMs });
  expect(newest.value).toBeLessThan(oldest.value);
});
