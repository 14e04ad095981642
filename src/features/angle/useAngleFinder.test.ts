import { act, renderHook } from '@testing-library/react';
import { apexAngle } from '../../core/edge';
import type { EdgeNeed } from '../../core/inspection';
import { hidePage } from '../../testing/hidePage';
import { sample } from '../../testing/sample';
import { useAngleFinder } from './useAngleFinder';

const tool = sample.tools.find(({ id }) => id === 'old-hob')!;
const zone = tool.zones[0]!;

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

function finder() {
  const { result, unmount } = renderHook(() => useAngleFinder({ tool, zone } as EdgeNeed));
  return {
    now: () => result.current,
    unmount,
    do: (what: (own: typeof result.current) => void) => act(() => what(result.current)),
    wait: (seconds: number) => act(() => jest.advanceTimersByTime(1000 * seconds)),
  };
}

it.each(['bare-stone', 'blade-flat'] as const)(
  'finds the angle at which the blade stands, zeroed %s, turned end for end or not',
  (zero) => {
    const own = finder();
    own.do(({ begin }) => begin('simulated'));
    own.do(({ chooseZero }) => chooseZero(zero));
    own.wait(6);
    expect(own.now().tilt).toMatchObject({ phase: 'on', isZeroed: false });
    own.do(({ takeZero }) => takeZero());
    expect(own.now().tilt.isZeroed).toBe(true);
    // It is searched for first: not still at once.
    own.wait(0.3);
    expect(own.now().isStill).toBe(false);
    own.wait(8);
    expect(own.now().isStill).toBe(true);
    expect(own.now().refused).toBeNull();
    const once = own.now().found!;
    expect(Math.abs(once.angleDeg - apexAngle(zone))).toBeLessThan(3 * once.sdDeg);
    own.do(({ turn }) => turn());
    expect(own.now().tilt.isZeroed).toBe(false);
    own.wait(6);
    own.do(({ takeZero }) => takeZero());
    own.wait(8);
    const both = own.now().found!;
    expect(Math.abs(both.angleDeg - apexAngle(zone))).toBeLessThan(3 * both.sdDeg);
  },
);

it('a page that is hidden lets go of the phone, and begins anew when it is asked to', () => {
  const own = finder();
  own.do(({ begin }) => begin('simulated'));
  own.wait(3);
  hidePage(true);
  expect(own.now().tilt.phase).toBe('off');
  expect(own.now().found).toBeNull();
  hidePage(false);
  own.wait(3);
  expect(own.now().tilt.readings).toEqual([]);
  own.do(({ begin }) => begin('simulated'));
  own.wait(3);
  expect(own.now().tilt.phase).toBe('on');
});
