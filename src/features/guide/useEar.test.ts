import { act, renderHook } from '@testing-library/react';
import { useEar, type Ear } from './useEar';

const HAND = { motion: 'sweeps', perMinute: 40 } as const;
/** From one stroke of that hand to the next (ms). */
const EACH_MS = 1500;

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

/** A guide that hears a made-up hand. */
async function listening(first: { ear: Ear; isOn: boolean } = { ear: 'simulated', isOn: true }) {
  const stroke = jest.fn();
  const { result, rerender } = renderHook(({ ear, isOn }) => useEar(ear, isOn, HAND, stroke), {
    initialProps: first,
  });
  const settle = async (): Promise<void> => {
    // The listening itself is loaded when it is wanted.
    for (let i = 0; i < 20; i += 1) await act(async () => {});
  };
  await settle();
  return {
    count: () => stroke.mock.calls.length,
    state: () => result.current.state,
    tap: () => act(() => result.current.tapped()),
    wait: (ms: number) => {
      for (let past = 0; past < ms; past += 50) act(() => jest.advanceTimersByTime(50));
    },
    turn: async (next: typeof first) => {
      rerender(next);
      await settle();
    },
  };
}

it('hands on each stroke of a made-up hand, and says that it hears', async () => {
  const { count, state, wait } = await listening();
  expect(state()).toEqual({ heard: { strokes: 0, hearing: 'nothing', perMinute: null } });
  wait(20 * EACH_MS);
  expect(count()).toBeGreaterThanOrEqual(14);
  expect(count()).toBeLessThanOrEqual(20);
  expect(state()).toMatchObject({ heard: { hearing: 'strokes' } });
});

it('a tap stands for the stroke that is heard right after it', async () => {
  const { count, tap, wait } = await listening();
  wait(8 * EACH_MS);
  const next = async (): Promise<void> => {
    const before = count();
    for (let past = 0; past < 3 * EACH_MS && count() === before; past += 50) wait(50);
    expect(count()).toBe(before + 1);
  };
  await next();
  const before = count();
  tap();
  // The one of the tap comes, and the one after it alone is handed on.
  wait(1.2 * EACH_MS);
  expect(count()).toBe(before);
  await next();
});

it('a tap adds a stroke that should have been heard by now', async () => {
  const alone = await listening();
  // Where the made-up hand pauses between two pieces, and how many are counted a while after.
  let [last, gap, ms] = [Infinity, 0, 0];
  for (; gap === 0; ms += 50) {
    const before = alone.count();
    alone.wait(50);
    if (alone.count() > before) last = ms;
    else if (before > 0 && ms - last > 1.4 * EACH_MS) gap = ms;
  }
  alone.wait(6 * EACH_MS);
  const heard = alone.count();
  const { count, tap, wait } = await listening();
  wait(ms);
  tap();
  wait(6 * EACH_MS);
  // The tap itself is one more than these.
  expect(count()).toBe(heard);
});

it('taps stand for the first strokes too, which are understood all at once', async () => {
  const alone = await listening();
  let understoodMs = 0;
  for (; alone.count() === 0; understoodMs += 50) alone.wait(50);
  expect(alone.count()).toBe(3);
  const { count, tap, wait } = await listening();
  wait(understoodMs - 2.8 * EACH_MS);
  for (let taps = 0; taps < 3; taps += 1) {
    tap();
    wait(0.9 * EACH_MS);
  }
  wait(0.3 * EACH_MS);
  expect(count()).toBe(0);
  wait(1.5 * EACH_MS);
  expect(count()).toBeGreaterThan(0);
});

it('a tap of long ago stands for nothing', async () => {
  const hear = async (taps: number): Promise<number> => {
    const { count, tap, wait, turn } = await listening({ ear: 'simulated', isOn: false });
    for (let i = 0; i < taps; i += 1) tap();
    wait(6 * EACH_MS);
    await turn({ ear: 'simulated', isOn: true });
    wait(12 * EACH_MS);
    return count();
  };
  expect(await hear(2)).toBe(await hear(0));
});

it('hears nothing while the guide stands still, and goes on anew', async () => {
  const { count, state, wait, turn } = await listening();
  wait(10 * EACH_MS);
  const before = count();
  expect(before).toBeGreaterThan(0);
  await turn({ ear: 'simulated', isOn: false });
  expect(state()).toBeNull();
  wait(10 * EACH_MS);
  expect(count()).toBe(before);
  await turn({ ear: 'simulated', isOn: true });
  expect(state()).toMatchObject({ heard: { strokes: 0 } });
  wait(10 * EACH_MS);
  expect(count()).toBeGreaterThan(before);
});

it('says why it does not listen where there is no microphone', async () => {
  const { state, count, wait } = await listening({ ear: 'device', isOn: true });
  wait(1000);
  expect(state()).toEqual({ lost: 'not here' });
  expect(count()).toBe(0);
});

it('listens to nothing while it is off', async () => {
  const { state, count, wait } = await listening({ ear: 'off', isOn: true });
  wait(4000);
  expect(state()).toBeNull();
  expect(count()).toBe(0);
});
