import type { HandHold } from '../../domain/experiment';
import type { Draws } from '../random';
import type { GroundSide } from './section';

// Looked up once: these are called millions of times.
const { max, min } = Math;

/** Whether strokes change sides one by one, or one side is done before the other. */
export type StrokeOrder = 'alternate' | 'one-side-first';

/** The side of a stroke, by its number from 0, and whether it is a return stroke. */
export function strokeAt(
  i: number,
  strokesPerSide: number,
  order: StrokeOrder,
): { side: GroundSide; isBack: boolean } {
  const isLeft = order === 'alternate' ? i % 2 === 0 : i < strokesPerSide;
  const ofSide = order === 'alternate' ? i >> 1 : i % strokesPerSide;
  return { side: isLeft ? 'left' : 'right', isBack: ofSide % 2 === 1 };
}

/** The angle that a stroke comes out at; never flatter than the stone can lie on the bevel. */
export function strokeAngleDeg(input: {
  hold: HandHold;
  side: GroundSide;
  isBack: boolean;
  leastDeg: number;
  draws: Draws;
}): number {
  const { hold, side, isBack, leastDeg, draws } = input;
  const meant =
    hold.angleDeg +
    (side === 'left' ? hold.leftSteeperDeg : 0) +
    (isBack ? hold.backSteeperDeg : 0);
  const held = hold.wobbleDeg > 0 ? meant + hold.wobbleDeg * draws.normal() : meant;
  return min(MOST_DEG, max(leastDeg, held));
}

/** No hand holds a stone steeper than this on purpose, nor by mistake. */
const MOST_DEG = 80;
