import { gravityOf } from '../../core/measure';
import type { MotionReading } from '../../instruments';
import { isOver, latest, readingsOf, stillnessOf } from './setReadings';

const EACH_S = 1 / 60;
const flat = gravityOf({ betaDeg: 0, gammaDeg: 0 });

/** What a phone feels that is held so, moment by moment. */
const felt = (degs: readonly number[]): MotionReading[] =>
  degs.map((deg, i) => ({
    seconds: 10 + i * EACH_S,
    gravity: gravityOf({ betaDeg: deg, gammaDeg: 0 }),
    alongMs2: null,
    turnDegPerS: null,
  }));
const held = (deg: number, seconds: number): number[] =>
  Array<number>(Math.round(seconds / EACH_S)).fill(deg);
const stroking = (seconds: number): number[] =>
  held(0, seconds).map((_, i) => 15 + 2 * Math.sin(i / 6));
const read = (degs: readonly number[]) => readingsOf(felt(degs), flat);

it('counts a tilt from where it was zeroed', () => {
  expect(read([15])[0]!.deg).toBeCloseTo(15, 6);
  expect(read([-15])[0]!.deg).toBeCloseTo(-15, 6);
  const leaning = gravityOf({ betaDeg: 4, gammaDeg: 0 });
  expect(readingsOf(felt([19]), leaning)[0]!.deg).toBeCloseTo(15, 6);
});

it('is still by and by, and not at all as long as it stirs', () => {
  expect(stillnessOf([], 3)).toBe(0);
  expect(stillnessOf(read(held(0, 1.5)), 3)).toBeCloseTo(0.5, 1);
  expect(stillnessOf(read(held(0, 4)), 3)).toBe(1);
  expect(stillnessOf(read(stroking(4)), 3)).toBe(0);
  // A knock in the middle of it begins anew.
  const knocked = [...held(0, 2), ...held(3, 0.1), ...held(0, 0.5)];
  expect(stillnessOf(read(knocked), 3)).toBe(0);
});

it('forgets what was felt before', () => {
  const kept = latest(felt(held(0, 5)), 3);
  expect(kept.at(-1)!.seconds - kept[0]!.seconds).toBeLessThanOrEqual(3);
  expect(kept.length).toBeGreaterThan(175);
});

it('is over when it lies again, not while it is held still on the bevel, and never lasts for ever', () => {
  expect(isOver([])).toBe(false);
  expect(isOver(read([...held(0, 3), ...stroking(10)]))).toBe(false);
  expect(isOver(read([...stroking(10), ...held(0, 1)]))).toBe(false);
  expect(isOver(read([...stroking(10), ...held(15, 4)]))).toBe(false);
  expect(isOver(read([...stroking(10), ...held(0, 3)]))).toBe(true);
  expect(isOver(read(stroking(241)))).toBe(true);
});
