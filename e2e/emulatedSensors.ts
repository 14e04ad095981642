import type { CDPSession, Page } from '@playwright/test';
import type { HoldMoment } from '../src/instruments/recordedHold';

const RAD = Math.PI / 180;
const EACH_MS = 33;
const SENSORS = ['linear-acceleration', 'gyroscope', 'accelerometer', 'relative-orientation'];

/**
 * Takes the browser's own motion sensors in hand, before anybody listens to them; returns what plays a set of readings on
 * them as they were made, once. The last one holds.
 */
export async function emulatedSensors(
  page: Page,
): Promise<(readings: readonly HoldMoment[]) => void> {
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
  return (readings) => {
    const began = performance.now();
    let last: HoldMoment | undefined;
    // A slow browser gets fewer moments, and each at its own time.
    let isSaying = false;
    const timer = setInterval(() => {
      const seconds = (performance.now() - began) / 1000;
      const now = readings.findLast((each) => each.seconds <= seconds) ?? readings[0]!;
      if (now === last || isSaying) return;
      [last, isSaying] = [now, true];
      say(now).then(
        () => (isSaying = false),
        () => clearInterval(timer),
      );
    }, EACH_MS);
    page.on('close', () => clearInterval(timer));
  };
}
