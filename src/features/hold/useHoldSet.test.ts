import { act, renderHook } from '@testing-library/react';
import type { SetStudy } from '../../core/measure';
import { simulatedHand, type LostWhy, type MotionReading, type Source } from '../../instruments';
import { hidePage } from '../../testing/hidePage';
import { useHoldSet } from './useHoldSet';

const SCENE = {
  angleDeg: 15,
  wobbleDeg: 1,
  driftDeg: 0,
  backSteeperDeg: 0,
  strokes: 12,
  perMinute: 60,
  seed: 5,
};

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** The coach on a source, and every set that it told of. */
function coach(source: Source<MotionReading>) {
  const done: SetStudy[] = [];
  const { result, unmount } = renderHook(() =>
    useHoldSet({ meantDeg: 15, bandDeg: 3 }, (study) => done.push(study)),
  );
  act(() => result.current.open(source));
  return {
    done,
    set: () => result.current,
    unmount,
    // Step by step: each look at what was felt sees the one before.
    wait: (seconds: number) => {
      for (let i = 0; i < 5 * seconds; i += 1) act(() => jest.advanceTimersByTime(200));
    },
  };
}

/** A hand whose sensor can be lost. */
function losable(): { source: Source<MotionReading>; lose: (why: LostWhy) => void } {
  const hand = simulatedHand(SCENE);
  let lose: (why: LostWhy) => void = () => {};
  const source: Source<MotionReading> = {
    ...hand,
    open(listener) {
      const stop = hand.open(listener);
      lose = (why) => {
        stop();
        listener.onLost(why);
      };
      return stop;
    },
  };
  return { source, lose: (why) => act(() => lose(why)) };
}

it('zeroes where it lies still, begins with the strokes, ends where it lies again, and tells of it once', () => {
  const { set, wait, done } = coach(simulatedHand(SCENE));
  expect(set().phase).toBe('zeroing');
  wait(2);
  expect(set().stillShare).toBeGreaterThan(0.4);
  wait(1.6);
  expect(set().phase).toBe('ready');
  wait(5);
  expect(set().phase).toBe('going');
  expect(done).toEqual([]);
  wait(16);
  expect(set().phase).toBe('done');
  expect(done).toHaveLength(1);
  expect(done[0]!.strokes).toHaveLength(12);
  expect(done[0]!.meanDeg!.value).toBeCloseTo(15, 0);
  expect(set().study).toEqual(done[0]);
  // Nobody is listened to any more.
  wait(5);
  expect(done).toHaveLength(1);
  act(() => set().again());
  expect(set().phase).toBe('off');
});

it('a call that comes in mid-set ends it with the strokes that were made', () => {
  const { set, wait, done } = coach(simulatedHand(SCENE));
  wait(11);
  expect(set().phase).toBe('going');
  hidePage(true);
  expect(set().phase).toBe('done');
  expect(done).toHaveLength(1);
  expect(done[0]!.strokes.length).toBeGreaterThanOrEqual(3);
  expect(done[0]!.strokes.length).toBeLessThan(12);
  hidePage(false);
  wait(5);
  expect(done).toHaveLength(1);
});

it('hidden before the first strokes it is off, and nothing is told', () => {
  const { set, wait, done } = coach(simulatedHand(SCENE));
  wait(1);
  hidePage(true);
  expect(set().phase).toBe('off');
  hidePage(false);
  expect(done).toEqual([]);
});

it('a screen that is left in mid-set has its set', () => {
  const { wait, done, unmount } = coach(simulatedHand(SCENE));
  wait(11);
  unmount();
  expect(done).toHaveLength(1);
});

it('a sensor that is lost before is told in its own word, in mid-set it ends the set', () => {
  const early = losable();
  const one = coach(early.source);
  early.lose('refused');
  expect(one.set().phase).toBe('refused');
  expect(one.done).toEqual([]);
  const late = losable();
  const other = coach(late.source);
  other.wait(11);
  late.lose('not here');
  expect(other.set().phase).toBe('done');
  expect(other.done).toHaveLength(1);
});

it('can be ended by hand, and a new one begins from nothing', () => {
  const { set, wait, done } = coach(simulatedHand(SCENE));
  wait(11);
  act(() => set().end());
  expect(set().phase).toBe('done');
  act(() => set().open(simulatedHand({ ...SCENE, seed: 6 })));
  expect(set()).toMatchObject({ phase: 'zeroing', study: null, stillShare: 0 });
  wait(26);
  expect(done).toHaveLength(2);
});
