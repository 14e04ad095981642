/** @jest-environment node */
import { faceOf, stone } from '../../testing/ladderFixtures';
import { UNTAUGHT_HAND, type LearnedHand, type LearnedHold } from '../evidence';
import { findLadder } from './findLadder';

/** A hold that wobbles by so much, known well. */
const hold = (value: number): LearnedHold => ({
  sets: 12,
  wobble: { value, low: 0.9 * value, high: 1.1 * value },
  hands: { left: null, right: null },
  backSteeper: null,
});

const zone = faceOf('convex-knife');
const step = (change: Partial<LearnedHand>) =>
  findLadder({
    zone,
    condition: { apexRadiusUm: 8, damageDepthMm: 0 },
    target: { apexRadiusUm: 1, finishSizeUm: 30 },
    abrasives: [stone(25)],
    calibration: { ...UNTAUGHT_HAND, ...change },
  }).steps[0]!;

const usual = step({});
const taught = (sdLn: number) => ({ things: { 'stone-25': { factor: 1, sdLn, steps: 9 } } });

it('a hand that wobbles meets the edge sooner, a steady one later; the usual one as ever', () => {
  expect(step({ hold: hold(1.5) }).strokesPerSide).toBe(usual.strokesPerSide);
  expect(step({ hold: hold(3) }).strokesPerSide).toBeLessThan(usual.strokesPerSide);
  expect(step({ hold: hold(0.7) }).strokesPerSide).toBeGreaterThan(usual.strokesPerSide);
  expect(step({ hold: hold(0.7) }).minutes).toBeGreaterThan(usual.minutes);
});

it('what the model alone counts stays as it is: what is learned next is not shifted', () => {
  const held = step({ hold: hold(3) });
  expect(held.baseline!.strokes).toBeCloseTo(usual.baseline!.strokes, 9);
  expect(held.baseline!.minutes).toBeCloseTo(usual.baseline!.minutes, 9);
  expect(held.volumeMm3).toBe(usual.volumeMm3);
  expect(held.heldFactor).toBeLessThan(1);
  expect(usual.heldFactor).toBe(1);
});

it('the log has the first word: strokes that it has counted hold the wobble already', () => {
  const shares = [0.7, 0.4, 0.2, 0.05].map(
    (sdLn) => 1 - step({ ...taught(sdLn), hold: hold(3) }).heldFactor,
  );
  for (let i = 1; i < shares.length; i += 1) expect(shares[i]!).toBeLessThan(shares[i - 1]!);
  expect(shares.at(-1)!).toBeLessThan(0.01);
});
