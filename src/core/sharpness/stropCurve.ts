import type { StropBacking } from '../../domain/terms';
import { notNegative, positive } from '../check';

/** How much each backing rounds the apex. */
const SOFTNESS: Record<StropBacking, number> = {
  hard: 0.5,
  'leather-on-wood': 1,
  soft: 2,
  slack: 4,
};

export interface StropConditions {
  forceN: number;
  backing: StropBacking;
  hardnessHrc: number;
  stainless: boolean;
  /** Held angle minus apex angle, degrees; above zero is too steep. */
  holdAboveApexDeg?: number;
}

/**
 * Burr decay τ (strokes) and rounding β (µm a stroke) of one strop:
 * τ = 12·√(4/F)·steel·2^(max(0, −Δ)/3), β = 0.0025·(F/4)·S·2^(Δ/3).
 */
export function stropRates(input: StropConditions): { tau: number; betaUm: number } {
  const forceN = positive(input.forceN, 'forceN');
  const deltaDeg = input.holdAboveApexDeg ?? 0;
  const stubborn = input.stainless && input.hardnessHrc <= 56;
  const steel = input.hardnessHrc >= 60 ? 0.7 : stubborn ? 1.5 : 1;
  return {
    tau: 12 * Math.sqrt(4 / forceN) * steel * 2 ** (Math.max(0, -deltaDeg) / 3),
    betaUm: 0.0025 * (forceN / 4) * SOFTNESS[input.backing] * 2 ** (deltaDeg / 3),
  };
}

/** An edge as the strop sees it: the radius under the burr, and the burr or foil on it, in µm. */
export interface StropStart {
  keenUm: number;
  burrUm: number;
}

/** Apex radius (µm) after `strokes` on the strop, over both sides: r + e·exp(−n/τ) + β·n. */
export function stropRadiusUm(
  input: StropStart & { tau: number; betaUm: number; strokes: number },
): number {
  const { keenUm, burrUm, tau, betaUm, strokes } = input;
  return keenUm + burrUm * Math.exp(-strokes / tau) + betaUm * strokes;
}

/** Strokes over both sides at which the edge is best: τ·ln(e/(β·τ)), 0 where any stroke harms. */
export function bestStropStrokes(input: { burrUm: number; tau: number; betaUm: number }): number {
  const burrUm = notNegative(input.burrUm, 'burrUm');
  const gain = burrUm / (input.betaUm * input.tau);
  return gain <= 1 ? 0 : input.tau * Math.log(gain);
}
