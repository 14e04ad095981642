import type { StropBacking } from '../../domain/terms';
import { notNegative, positive } from '../check';
import { lowestCount } from './lowestCount';
import type { StropSurface } from '../../domain/families';
import { PRIORS } from '../priors';

/** How much each backing rounds the apex. */
const SOFTNESS: Record<StropBacking, number> = {
  hard: 0.5,
  'leather-on-wood': 1,
  soft: 2,
  slack: 4,
};
/** Cloth gives, whatever lies under it. */
const CLOTH_SOFTNESS = 1;

/** Strokes in which compound takes rounding back to 1/e. */
const ROUNDING_DECAY = 150;
/** What a stroke's rounding adds up to on a loaded strop, over endless strokes. */
const LOADED_SUM = 1 / (1 - Math.exp(-1 / ROUNDING_DECAY));
/** Burr and ragged foil never stand for more than this (µm). */
const MOST_BURR_UM = 1.5;
/** Counts beyond this are no stropping. */
const MOST_STROKES = 2000;

export interface StropConditions {
  forceN: number;
  backing: StropBacking;
  surface?: StropSurface;
  hardnessHrc: number;
  stainless: boolean;
  /** Held angle minus apex angle, degrees; above zero is too steep. */
  holdAboveApexDeg?: number;
}

/** Burr decay τ (strokes) and rounding β (µm a stroke) of one strop; compound takes rounding back. */
export interface StropRates {
  tau: number;
  betaUm: number;
  loaded: boolean;
}

/**
 * τ = 12·√(4/F)·steel·2^(max(0, −Δ)/3), steel 0.7 from 60 HRC on and 1.5 for soft stainless;
 * β = 0.0025·(F/4)·S·2^(Δ/3), S by the backing, of cloth at least 1.
 */
export function stropRates(input: StropConditions & { loaded?: boolean }): StropRates {
  const forceN = positive(input.forceN, 'forceN');
  const deltaDeg = input.holdAboveApexDeg ?? 0;
  const stubborn = input.stainless && input.hardnessHrc <= 56;
  const steel = input.hardnessHrc >= 60 ? 0.7 : stubborn ? 1.5 : 1;
  const backing = SOFTNESS[input.backing];
  const softness = input.surface === 'cloth' ? Math.max(CLOTH_SOFTNESS, backing) : backing;
  return {
    tau: 12 * Math.sqrt(4 / forceN) * steel * 2 ** (Math.max(0, -deltaDeg) / 3),
    betaUm: 0.0025 * (forceN / 4) * softness * 2 ** (deltaDeg / 3),
    loaded: input.loaded ?? false,
  };
}

/** An edge as the strop sees it, in µm: the radius underneath, burr and foil on it, and rounding. */
export interface StropStart {
  keenUm: number;
  burrUm: number;
  roundingUm?: number;
}

/** How a dulled edge is made up: of each µm of dulling 0.9 is burr and foil, up to 1.5 µm in all. */
export function dulledEdge(input: { keenUm: number; apexRadiusUm: number }): Required<StropStart> {
  const dulledUm = Math.max(0, input.apexRadiusUm - input.keenUm);
  const burrUm = Math.min(MOST_BURR_UM, PRIORS.dullingAsBurrShare.value * dulledUm);
  return { keenUm: input.keenUm, burrUm, roundingUm: dulledUm - burrUm };
}

/** Burr and rounding (µm) after `strokes`, over both sides: e·exp(−n/τ); ρ ← ρ·exp(−1/150) + β. */
export function stroppedEdge(
  input: StropStart & StropRates & { strokes: number },
): Required<StropStart> {
  const { keenUm, burrUm, roundingUm = 0, tau, betaUm, loaded, strokes } = input;
  const left = Math.exp(-strokes / ROUNDING_DECAY);
  // The sum of a geometric series, so that it holds between whole strokes too.
  const added = loaded ? betaUm * LOADED_SUM * (1 - left) : 0;
  return {
    keenUm,
    burrUm: burrUm * Math.exp(-strokes / tau),
    roundingUm: loaded ? roundingUm * left + added : roundingUm + betaUm * strokes,
  };
}

/** Apex radius (µm) after `strokes` on the strop, over both sides. */
export function stropRadiusUm(input: StropStart & StropRates & { strokes: number }): number {
  const { keenUm, burrUm, roundingUm } = stroppedEdge(input);
  return keenUm + burrUm + roundingUm;
}

/**
 * Strokes over both sides at which the edge is best, 0 where any stroke harms: on a bare strop
 * τ·ln(e/(β·τ)); on a loaded one where the burr still coming off, e/τ·exp(−n/τ), is met by the rounding
 * added, (B − ρ)/150·exp(−n/150) with B = β/(1 − exp(−1/150)). Where rounding comes off throughout, the
 * count that comes within 2 % of the end.
 */
export function bestStropStrokes(
  input: Pick<StropStart, 'burrUm' | 'roundingUm'> & Partial<StropStart> & StropRates,
): number {
  const burrUm = notNegative(input.burrUm, 'burrUm');
  const { tau, betaUm, loaded, roundingUm = 0 } = input;
  if (!loaded) return lowestCount(burrUm, betaUm, tau);
  const addedUm = LOADED_SUM * betaUm - roundingUm;
  if (addedUm <= 0) return nearTheEnd({ ...input, keenUm: input.keenUm ?? 0 });
  const gain = (burrUm * ROUNDING_DECAY) / (tau * addedUm);
  return gain <= 1 ? 0 : Math.log(gain) / (1 / tau - 1 / ROUNDING_DECAY);
}

/** The least count that comes within 2 % of where the curve ends. */
function nearTheEnd(input: StropStart & StropRates): number {
  const { keenUm, betaUm } = input;
  const enoughUm = PRIORS.stropNearEnough.value * (keenUm + LOADED_SUM * betaUm);
  let low = 0;
  let high = MOST_STROKES;
  while (high - low > 0.1) {
    const middle = (low + high) / 2;
    if (stropRadiusUm({ ...input, strokes: middle }) <= enoughUm) high = middle;
    else low = middle;
  }
  return high;
}
