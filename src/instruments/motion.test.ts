import { gravityOf } from '../core/measure';
import { alongOf, PHONE_MOTION, type MotionReading } from './motion';
import type { LostWhy } from './source';

/** What a phone tells while it is tilted by β about its short side, as its browser hands it on. */
const says = (type: string, parts: object): void => {
  window.dispatchEvent(Object.assign(new Event(type), parts));
};
const tilted = (beta: number | null): void => says('deviceorientation', { beta, gamma: 0 });

/** A browser that has the sensors, and asks a person first where `answer` says what comes of it. */
function standing(answer?: () => Promise<'granted' | 'denied'>): void {
  class Orientation extends Event {}
  if (answer) Object.assign(Orientation, { requestPermission: answer });
  Object.assign(window, { DeviceOrientationEvent: Orientation });
}

function opened() {
  const heard = { isOpen: false, readings: [] as MotionReading[], lost: null as LostWhy | null };
  const stop = PHONE_MOTION.open({
    onOpen: () => (heard.isOpen = true),
    onReading: (reading) => heard.readings.push(reading),
    onLost: (why) => (heard.lost = why),
  });
  return { heard, stop };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => {
  jest.useRealTimers();
  Reflect.deleteProperty(window, 'DeviceOrientationEvent');
});
const settled = () => jest.advanceTimersByTimeAsync(0);

it('is here where the browser knows of it', () => {
  expect(PHONE_MOTION.isHere()).toBe(false);
  standing();
  expect(PHONE_MOTION.isHere()).toBe(true);
});

it('tells what it feels sixty times a second, and what was said last holds', async () => {
  standing();
  const { heard, stop } = opened();
  await settled();
  tilted(null);
  expect(heard.isOpen).toBe(false);
  tilted(15);
  says('devicemotion', {
    acceleration: { x: 0, y: 1.2, z: 0 },
    accelerationIncludingGravity: { x: 0, y: 3.7, z: 9.5 },
    rotationRate: { alpha: 4, beta: 0, gamma: 0 },
  });
  await jest.advanceTimersByTimeAsync(1000);
  expect(heard.isOpen).toBe(true);
  expect(heard.readings.length).toBeGreaterThan(55);
  expect(heard.readings.at(-1)).toMatchObject({
    gravity: gravityOf({ betaDeg: 15, gammaDeg: 0 }),
    alongMs2: 1.2,
    turnDegPerS: 4,
  });
  stop();
  const before = heard.readings.length;
  tilted(20);
  await jest.advanceTimersByTimeAsync(500);
  expect(heard.readings).toHaveLength(before);
});

it('says nothing of directions where the phone does not', async () => {
  standing();
  const { heard, stop } = opened();
  await settled();
  says('devicemotion', { acceleration: null, accelerationIncludingGravity: null });
  tilted(12);
  await jest.advanceTimersByTimeAsync(100);
  expect(heard.readings.at(-1)).toMatchObject({ alongMs2: null, turnDegPerS: null });
  stop();
});

it('is told apart: refused, silent, and asked and granted', async () => {
  standing(() => Promise.resolve('denied'));
  const refused = opened();
  await settled();
  expect(refused.heard.lost).toBe('refused');

  standing(() => Promise.reject(new Error('not by a tap')));
  const shut = opened();
  await settled();
  expect(shut.heard.lost).toBe('refused');

  standing(() => Promise.resolve('granted'));
  const silent = opened();
  await jest.advanceTimersByTimeAsync(3100);
  expect(silent.heard.lost).toBe('not here');

  const heard = opened();
  await settled();
  tilted(3);
  await jest.advanceTimersByTimeAsync(5000);
  expect(heard.heard.lost).toBeNull();
  heard.stop();
});

it('listens to nothing when it was let go of while a person was asked', async () => {
  let answer: (value: 'granted') => void = () => {};
  standing(() => new Promise((resolve) => (answer = resolve)));
  const { heard, stop } = opened();
  stop();
  answer('granted');
  await settled();
  tilted(5);
  await jest.advanceTimersByTimeAsync(4000);
  expect(heard).toEqual({ isOpen: false, readings: [], lost: null });
});

it('counts acceleration towards the top, whichever way the phone counts it', () => {
  const level = gravityOf({ betaDeg: 15, gammaDeg: 0 });
  const pull = { x: 0, y: 2.54, z: 9.48 };
  const acceleration = { x: 0, y: 1.2, z: 0.1 };
  const felt = (sign: number) => ({
    acceleration: { x: 0, y: sign * acceleration.y, z: sign * acceleration.z },
    accelerationIncludingGravity: {
      x: 0,
      y: sign * (pull.y + acceleration.y),
      z: sign * (pull.z + acceleration.z),
    },
  });
  expect(alongOf(felt(1), level)).toBeCloseTo(1.2, 9);
  expect(alongOf(felt(-1), level)).toBeCloseTo(1.2, 9);
  expect(alongOf(felt(-1), null)).toBeCloseTo(-1.2, 9);
  expect(alongOf({ acceleration: null, accelerationIncludingGravity: null }, level)).toBeNull();
});
