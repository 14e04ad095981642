import type { HandHold } from '../../domain/experiment';
import type { Draws } from '../random';
import type { GroundSide } from './section';

// Looked up once: these are called millions of times.
const { max, min } = Math;

/** Whether strokes change sides one by one, or one side is done before the other. */
export type StrokeOrder = 'alternate' | 'one-side-first';

/** Whose turn a stroke is. */
export interface StrokeTurn {
  side: GroundSide;
  /** Whether it is a return stroke: every second one of its side. */
  isBack: boolean;
}

/** One stroke of a hand, before it is known what it takes. */
export interface HandStroke extends StrokeTurn {
  angleDeg: number;
}

/** The turns of so many strokes on each side, left first. */
export function turnsOf(order: StrokeOrder, strokesPerSide: number): StrokeTurn[] {
  const one = { left: 1, right: 1 };
  const all = { left: strokesPerSide, right: strokesPerSide };
  return turnsInSets(order === 'alternate' ? Array(strokesPerSide).fill(one) : [all]);
}

/** The turns of sets, each first on the left and then on the right. */
export function turnsInSets(sets: readonly { left: number; right: number }[]): StrokeTurn[] {
  const done = { left: 0, right: 0 };
  return sets.flatMap((set) =>
    (['left', 'right'] as const).flatMap((side) =>
      Array.from({ length: set[side] }, () => {
        done[side] += 1;
        return { side, isBack: done[side] % 2 === 0 };
      }),
    ),
  );
}

/** A stroke by a hand: never flatter than the stone can lie on the bevel. */
export function handStroke(
  hold: HandHold,
  { side, isBack }: StrokeTurn,
  leastDeg: number,
  draws: Draws,
): HandStroke {
  const meant =
    hold.angleDeg +
    (side === 'left' ? hold.leftSteeperDeg : 0) +
    (isBack ? hold.backSteeperDeg : 0);
  const held = hold.wobbleDeg > 0 ? meant + hold.wobbleDeg * draws.normal() : meant;
  return { side, isBack, angleDeg: min(MOST_DEG, max(leastDeg, held)) };
}

/** No hand holds a stone steeper than this on purpose, nor by mistake. */
const MOST_DEG = 80;
