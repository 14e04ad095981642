/** @jest-environment node */
import type { Practice } from '../../domain/practice';
import { sample } from '../../testing/sample';
import { DEFAULT_PACE, HOLD_WOBBLE_DEG } from '../wear';
import { notable, wobbleDeg } from './heldHand';
import { learnHold, practisedPace } from './learnHold';

const { practices } = sample;
const of = (hand: Practice['hand']): Practice[] => practices.filter((set) => set.hand === hand);

it('is the usual wobble without any set, and goes to what is practised with each', () => {
  expect(learnHold([], null)).toBeNull();
  expect(wobbleDeg(null, 'freehand')).toBe(HOLD_WOBBLE_DEG.freehand);
  const right = learnHold(of('right'), null)!;
  expect(right.sets).toBe(4);
  const [first, last] = [3.2, 1.6];
  expect(right.wobble.value).toBeGreaterThan(last);
  expect(right.wobble.value).toBeLessThan(first);
  const one = learnHold(of('right').slice(0, 1), null)!;
  expect(right.wobble.high / right.wobble.low).toBeLessThan(one.wobble.high / one.wobble.low);
  expect(learnHold(practices, null)!.sets).toBe(8);
});

it('heeds whose set it was, and the newest most', () => {
  expect(learnHold(practices, 'Fenn')).toBeNull();
  const turned = of('right').map((set, i, all) => ({ ...set, at: all[all.length - 1 - i]!.at }));
  expect(learnHold(of('right'), null)!.wobble.value).toBeLessThan(
    learnHold(turned, null)!.wobble.value,
  );
});

it('tells how either hand leans and what the back strokes add, and what of it is worth a word', () => {
  const hold = learnHold(practices, null)!;
  const { left, right } = hold.hands;
  expect(left!.steeper.value).toBeGreaterThan(right!.steeper.value);
  expect(left!.steeper.value).toBeGreaterThan(0.6);
  expect(left!.wobbleDeg).toBeGreaterThan(right!.wobbleDeg);
  expect(hold.backSteeper!.value).toBeCloseTo(1.9, 0);
  expect(learnHold(of('right'), null)!.hands.left).toBeNull();
  expect(notable(right!.steeper)).toBeNull();
  expect(notable(hold.backSteeper)).toEqual(hold.backSteeper);
  expect(notable({ value: 0.3, se: 0.01 })).toBeNull();
  expect(notable({ value: -2, se: 1.5 })).toBeNull();
});

it('carries half of it to the bevel, and none to a guide', () => {
  const hold = learnHold(practices, null)!;
  const ratio = (how: keyof typeof HOLD_WOBBLE_DEG): number =>
    wobbleDeg(hold, how) / HOLD_WOBBLE_DEG[how];
  expect(ratio('freehand')).toBeGreaterThan(1);
  expect(Math.log(ratio('resting on the bevel'))).toBeCloseTo(Math.log(ratio('freehand')) / 2, 6);
  expect(ratio('guide')).toBe(1);
});

it('is evidence of pace, out and back where it was told', () => {
  const [told, single] = practisedPace(
    [practices[0]!, { ...practices[1]!, backSteeper: null }],
    DEFAULT_PACE,
  );
  expect(told).toMatchObject({ motion: 'back-and-forth', predicted: 100 });
  expect(told!.seen).toBeCloseTo((60 * 20) / 14, 6);
  // All of them share what a lath is not a stone by: a hundred sets are one word.
  const many = Array.from({ length: 100 }, () => practices[0]!);
  const [one, ...others] = practisedPace(many, DEFAULT_PACE);
  expect(others).toEqual([]);
  expect(one!.sdLn).toBeGreaterThanOrEqual(0.5);
  expect(single).toMatchObject({ motion: 'sweeps' });
});
