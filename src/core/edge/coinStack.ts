import { positive } from '../check';
import { angleFromSpineLift, spineLift } from './spineLift';

/** A stack of coins under the spine and the angle per side that it gives. */
export interface CoinStack {
  coins: number;
  angleDeg: number;
  /** Angle of the stack minus the angle asked for. */
  errorDeg: number;
}

/** The stack that comes nearest, and its neighbours; null where there is none. */
export interface NearCoins extends CoinStack {
  fewer: CoinStack | null;
  more: CoinStack | null;
}

/**
 * The number of coins under the spine that comes nearest in angle to `angleDeg` per side, with the
 * stacks of one coin fewer and one more (null where there is none or it would stand off the blade).
 */
export function coinStack(input: {
  bladeWidthMm: number;
  spineThicknessMm: number;
  angleDeg: number;
  coinThicknessMm: number;
}): NearCoins {
  const { bladeWidthMm, spineThicknessMm, angleDeg } = input;
  const coinMm = positive(input.coinThicknessMm, 'coinThicknessMm');
  const reachMm = Math.hypot(bladeWidthMm, spineThicknessMm / 2);
  const stackOf = (coins: number): CoinStack | null => {
    const liftMm = coins * coinMm;
    if (coins < 0 || liftMm > reachMm) return null;
    const stackDeg = angleFromSpineLift({ bladeWidthMm, spineThicknessMm, liftMm });
    return { coins, angleDeg: stackDeg, errorDeg: stackDeg - angleDeg };
  };

  const below = Math.floor(spineLift({ bladeWidthMm, spineThicknessMm, angleDeg }) / coinMm);
  const lower = stackOf(below)!;
  const upper = stackOf(below + 1);
  const nearest = upper && Math.abs(upper.errorDeg) < Math.abs(lower.errorDeg) ? upper : lower;
  return { ...nearest, fewer: stackOf(nearest.coins - 1), more: stackOf(nearest.coins + 1) };
}
