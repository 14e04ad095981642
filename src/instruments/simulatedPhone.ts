import { gravityOf } from '../core/measure';
import type { MotionReading } from './motion';
import type { Source } from './source';

/** Where a simulated phone lies: on the bare stone, on the blade that lies flat on it, or on the one that stands on its edge. */
interface PhoneLie {
  on: 'stone' | 'flat blade' | 'standing blade';
  /** Whether it was turned end for end. */
  isTurned: boolean;
}

/** A stand-in for the phone in the hand, that the screen tells where it would lie by now. */
export interface SimulatedPhone extends Source<MotionReading> {
  lay: (lie: PhoneLie) => void;
}

const EACH_MS = 1000 / 60;
/** A stone is seldom level; a phone's level is off by a little; a hand trembles, and takes a moment to come to rest. */
const STONE_DEG = 1.3;
const BIAS_DEG = 0.2;
const NOISE_DEG = 0.08;
const SEARCH_DEG = 4;
const SEARCH_SECONDS = 1.2;

/** A phone in the page, for a blade that stands at an angle (degrees per side) and tapers by half so much on each face. */
export function simulatedPhone(blade: { angleDeg: number; halfTaperDeg: number }): SimulatedPhone {
  const { angleDeg, halfTaperDeg } = blade;
  const risesDeg: Record<PhoneLie['on'], number> = {
    stone: 0,
    'flat blade': 2 * halfTaperDeg,
    'standing blade': angleDeg + halfTaperDeg,
  };
  let lie: PhoneLie = { on: 'stone', isTurned: false };
  let laidAt = 0;
  return {
    id: 'simulated',
    isHere: () => true,
    lay(next) {
      lie = next;
      laidAt = performance.now();
    },
    open({ onOpen, onReading }) {
      laidAt = performance.now();
      onOpen();
      const timer = setInterval(() => {
        const now = performance.now();
        const seconds = (now - laidAt) / 1000;
        // Found slowly, like a hand does, and then held.
        const search =
          SEARCH_DEG * Math.exp((-3 * seconds) / SEARCH_SECONDS) * Math.sin(9 * seconds);
        const noise = NOISE_DEG * (Math.random() + Math.random() + Math.random() - 1.5) * 2;
        const upDeg = STONE_DEG + risesDeg[lie.on] + search + noise;
        onReading({
          seconds: now / 1000,
          gravity: gravityOf({ betaDeg: (lie.isTurned ? -upDeg : upDeg) + BIAS_DEG, gammaDeg: 0 }),
          alongMs2: 0,
          turnDegPerS: 0,
        });
      }, EACH_MS);
      return () => clearInterval(timer);
    },
  };
}
