import type { CDPSession, Page } from '@playwright/test';
import { RATE_HZ, type HoldMoment } from '../src/instruments/recordedHold';

const RAD = Math.PI / 180;
/** Every second moment of what is played. */
const HZ = 30;
const SENSORS = ['linear-acceleration', 'gyroscope', 'accelerometer', 'relative-orientation'];

/**
 * Takes the browser's own motion sensors in hand, before anybody listens to them; returns what plays a set of readings on
 * them. The page's time stands still but for these: each moment is felt at its own time, however slow the machine.
 */
export async function emulatedSensors(
  page: Page,
): Promise<(readings: readonly HoldMoment[]) => Promise<void>> {
  const cdp: CDPSession = await page.context().newCDPSession(page);
  const send = (name: string, params: object): Promise<unknown> =>
    (cdp.send as (name: string, params: object) => Promise<unknown>)(`Emulation.${name}`, params);
  for (const type of SENSORS)
    await send('setSensorOverrideEnabled', { enabled: true, type, metadata: { available: true } });
  const say = async ({ deg, alongMs2, turnDegPerS }: HoldMoment): Promise<void> => {
    const half = (deg * RAD) / 2;
    const readingsOf: [string, object][] = [
      ['linear-acceleration', { xyz: { x: 0, y: alongMs2, z: 0 } }],
      ['gyroscope', { xyz: { x: turnDegPerS * RAD, y: 0, z: 0 } }],
      ['accelerometer', { xyz: { x: 0, y: 0, z: 9.81 } }],
      [
        'relative-orientation',
        { quaternion: { x: Math.sin(half), y: 0, z: 0, w: Math.cos(half) } },
      ],
    ];
    await Promise.all(
      readingsOf.map(([type, reading]) => send('setSensorOverrideReadings', { type, reading })),
    );
  };
  return async (readings) => {
    const now = await page.evaluate(() => Date.now());
    await page.clock.install({ time: now });
    await page.clock.pauseAt(now + 1000);
    for (const moment of readings.filter((_, k) => k % (RATE_HZ / HZ) === 0)) {
      await say(moment);
      await page.evaluate(untilFelt);
      await page.clock.runFor(1000 / HZ);
    }
    await page.clock.resume();
  };
}

/** The browser asks its sensors at a pace of its own: one round may be under way, the next has what was said. */
const untilFelt = (): Promise<void> =>
  new Promise((resolve) => {
    let rounds = 0;
    const felt = (): void => {
      rounds += 1;
      if (rounds < 2) return;
      removeEventListener('devicemotion', felt);
      resolve();
    };
    addEventListener('devicemotion', felt);
  });
