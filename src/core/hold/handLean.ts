import type { Motion, Side } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import { notable, type LearnedHold } from '../evidence';
import { turnedHold } from './inkAnswer';
import type { HeldStep, Hold } from './stepHold';

/** A lean of the hand that practice has told, and what takes it out of this very hold. */
export interface HandLean {
  of: Side | 'back strokes';
  /** How much steeper than meant (degrees); flatter below zero. */
  steeperDeg: number;
  /** How far to aim off, and what of the lift that is (mm); null where no lift is measured. */
  turnDeg: number;
  byMm: number | null;
}

/**
 * Leans that stand out of their error, each with its remedy as far as this edge allows it; of the back strokes only where
 * the motion has any.
 */
export function handLeans(
  learned: LearnedHold | null,
  hold: Hold,
  step: HeldStep & { motion: Motion },
  held: { tool: Tool; zone: Zone; coinThicknessMm: number },
): HandLean[] {
  if (!learned) return [];
  const { hands, backSteeper } = learned;
  const told = [
    ['left', hands.left?.steeper ?? null],
    ['right', hands.right?.steeper ?? null],
    ['back strokes', step.motion === 'back-and-forth' ? backSteeper : null],
  ] as const;
  return told.flatMap(([of, figure]): HandLean[] => {
    const lean = notable(figure);
    const turned = lean && turnedHold(-lean.value, hold, step, held);
    return turned ? [{ of, steeperDeg: lean.value, ...turned }] : [];
  });
}
