import type { Motion } from '../../domain/terms';
import { notNegative, positive } from '../check';

/** Strokes over both sides, V/(k·F·s), not rounded; `strokeLengthMm` is the path of one stroke. */
export function strokesFor(input: {
  volumeMm3: number;
  wearRate: number;
  forceN: number;
  strokeLengthMm: number;
}): number {
  return (
    notNegative(input.volumeMm3, 'volumeMm3') /
    (positive(input.wearRate, 'wearRate') *
      positive(input.forceN, 'forceN') *
      (positive(input.strokeLengthMm, 'strokeLengthMm') / 1000))
  );
}

/** Strokes a minute for each motion. */
export type Pace = Record<Motion, number>;

/** Pace of a practised hand (prior). */
export const DEFAULT_PACE: Pace = { sweeps: 45, 'back-and-forth': 100, circles: 60 };
