import { gravityOf, type Gravity } from '../core/measure';
import type { Source } from './source';

/** What the motion sensors of a phone feel at one moment. */
export interface MotionReading {
  seconds: number;
  gravity: Gravity;
  /** Acceleration along the screen's long side without the earth's pull (m/s²); null where the phone does not tell. */
  alongMs2: number | null;
  /** How fast the phone turns about its short side (degrees a second); null where it does not tell. */
  turnDegPerS: number | null;
}

/** A phone that has the sensor tells within this; one that says nothing has none, or keeps it shut. */
const FIRST_WORD_MS = 3000;
const EACH_MS = 1000 / 60;

/** On some phones a person is asked first. */
interface Asking {
  requestPermission?: () => Promise<'granted' | 'denied'>;
}

type Felt = Pick<DeviceMotionEvent, 'acceleration' | 'accelerationIncludingGravity'>;

/**
 * Acceleration towards the top of the screen (m/s²; null where it is not told). Some phones count all of it the other way
 * round: what bears a phone pushes against the earth's pull, and its level knows where that is.
 */
export function alongOf(felt: Felt, gravity: Gravity | null): number | null {
  const { acceleration: own, accelerationIncludingGravity: all } = felt;
  if (!own || own.y === null) return null;
  if (!gravity || !all) return own.y;
  const part = (of: keyof Gravity): number => ((all[of] ?? 0) - (own[of] ?? 0)) * gravity[of];
  return part('x') + part('y') + part('z') > 0 ? -own.y : own.y;
}

/** The motion sensors of this device. They are let go of as soon as nobody listens. */
export const PHONE_MOTION: Source<MotionReading> = {
  id: 'device',
  isHere: () => typeof window !== 'undefined' && 'DeviceOrientationEvent' in window,
  open({ onOpen, onReading, onLost }) {
    let isOver = false;
    let gravity: Gravity | null = null;
    let along: number | null = null;
    let turn: number | null = null;
    let timer: ReturnType<typeof setInterval> | undefined;
    const feel = (event: DeviceMotionEvent): void => {
      along = alongOf(event, gravity);
      turn = event.rotationRate?.alpha ?? null;
    };
    const turned = ({ beta, gamma }: DeviceOrientationEvent): void => {
      if (isOver || beta === null || gamma === null) return;
      gravity = gravityOf({ betaDeg: beta, gammaDeg: gamma });
      if (timer) return;
      onOpen();
      // Browsers keep quiet about changes under a tenth of a degree: what was said last holds.
      timer = setInterval(() => {
        onReading({
          seconds: performance.now() / 1000,
          gravity: gravity!,
          alongMs2: along,
          turnDegPerS: turn,
        });
      }, EACH_MS);
    };
    const stop = (): void => {
      isOver = true;
      clearInterval(timer);
      window.removeEventListener('deviceorientation', turned);
      window.removeEventListener('devicemotion', feel);
    };
    const begin = async (): Promise<void> => {
      const { requestPermission } = DeviceOrientationEvent as unknown as Asking;
      try {
        if (requestPermission && (await requestPermission()) !== 'granted')
          return onLost('refused');
      } catch {
        return onLost('refused');
      }
      if (isOver) return;
      window.addEventListener('deviceorientation', turned);
      window.addEventListener('devicemotion', feel);
      setTimeout(() => {
        if (isOver || timer) return;
        stop();
        onLost('not here');
      }, FIRST_WORD_MS);
    };
    void begin();
    return stop;
  },
};
