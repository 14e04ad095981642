import { gravityOf } from '../core/measure';
import type { MotionReading } from './motion';
import { recordHold, type HoldScene } from './recordedHold';
import type { Source } from './source';

const EACH_MS = 1000 / 60;
/** The stone that it lies on is seldom level. */
const STONE_DEG = 1.3;

/** A hand with a phone on a lath, made up: it lies still, makes its set, and lies still again until it is left. */
export function simulatedHand(scene: HoldScene): Source<MotionReading> {
  return {
    id: 'simulated',
    isHere: () => true,
    open({ onOpen, onReading }) {
      const { readings } = recordHold(scene);
      const began = performance.now();
      let next = 0;
      onOpen();
      const timer = setInterval(() => {
        const seconds = (performance.now() - began) / 1000;
        for (; next < readings.length && readings[next]!.seconds <= seconds; next += 1)
          say(readings[next]!, began / 1000);
        if (next === readings.length) say({ ...readings.at(-1)!, seconds }, began / 1000);
      }, EACH_MS);
      const say = (
        { seconds, deg, alongMs2, turnDegPerS }: (typeof readings)[number],
        from: number,
      ): void =>
        onReading({
          seconds: from + seconds,
          gravity: gravityOf({ betaDeg: deg + STONE_DEG, gammaDeg: 0 }),
          alongMs2,
          turnDegPerS,
        });
      return () => clearInterval(timer);
    },
  };
}
