import type { HandHold } from '../../domain/experiment';
import type { Draws } from '../random';
import type { GroundSide } from './section';

// Looked up once: these are called millions of times.
const { max, min } = Math;

/** Whether strokes change sides one by one, or one side is done before the other. */
export type StrokeOrder = 'alternate' | 'one-side-first';

/** How a hand sharpens: how it holds, how many strokes it makes and in which order. */
export interface HandWork {
  hold: HandHold;
  strokesPerSide: number;
  order: StrokeOrder;
}

/** One stroke of a hand, before it is known what it takes. */
export interface HandStroke {
  side: GroundSide;
  /** Whether it is a return stroke: every second one of its side. */
  isBack: boolean;
  angleDeg: number;
}

/** The stroke of a number, from 0 over both sides: never flatter than the stone can lie on the bevel. */
export function handStroke(
  { hold, strokesPerSide, order }: HandWork,
  i: number,
  leastDeg: number,
  draws: Draws,
): HandStroke {
  const isLeft = order === 'alternate' ? i % 2 === 0 : i < strokesPerSide;
  const ofSide = order === 'alternate' ? i >> 1 : i % strokesPerSide;
  const isBack = ofSide % 2 === 1;
  const meant =
    hold.angleDeg + (isLeft ? hold.leftSteeperDeg : 0) + (isBack ? hold.backSteeperDeg : 0);
  const held = hold.wobbleDeg > 0 ? meant + hold.wobbleDeg * draws.normal() : meant;
  return {
    side: isLeft ? 'left' : 'right',
    isBack,
    angleDeg: min(MOST_DEG, max(leastDeg, held)),
  };
}

/** No hand holds a stone steeper than this on purpose, nor by mistake. */
const MOST_DEG = 80;
