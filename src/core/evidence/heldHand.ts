import type { Side } from '../../domain/terms';
import { PRIORS } from '../priors';
import { HOLD_WOBBLE_DEG, type Steadiness } from '../wear';

/** A figure of the hand (degrees) with its standard error. */
export interface HeldFigure {
  value: number;
  se: number;
}

/** How a hand holds, by its practised sets. Plain: threads are asked with it. */
export interface LearnedHold {
  /** Sets behind it. */
  sets: number;
  /** Wobble freehand (degrees); two in three lie between. */
  wobble: { value: number; low: number; high: number };
  /** Each hand by itself: its wobble, and how much steeper than meant it holds; null for one that was not practised. */
  hands: Record<Side, { wobbleDeg: number; steeper: HeldFigure } | null>;
  /** How much steeper the back strokes come out; null where no device told directions. */
  backSteeper: HeldFigure | null;
}

/**
 * The wobble (degrees) of a hand that holds so. On the bevel it was not practised: a hand that is steadier freehand is
 * steadier there too, by half of it (prior, on logarithms). A guide does not ask whose hand it is.
 */
export function wobbleDeg(hold: LearnedHold | null, how: Steadiness): number {
  const usual = HOLD_WOBBLE_DEG[how];
  if (!hold || how === 'guide') return usual;
  const ratio = hold.wobble.value / HOLD_WOBBLE_DEG.freehand;
  return usual * ratio ** (how === 'freehand' ? 1 : PRIORS.wobbleOnBevelShare.value);
}

/** A figure that stands out of its own error, and is worth a word; null where it does not. */
export function notable(figure: HeldFigure | null): HeldFigure | null {
  if (!figure) return null;
  const size = Math.abs(figure.value);
  return size > 2 * figure.se && size >= PRIORS.heldNotableDeg.value ? figure : null;
}
