import type { Bench } from '../core/inspection';
import type { Hand, LadderAbrasive } from '../core/ladder';
import { DEFAULT_PACE } from '../core/wear';
import { UNTAUGHT_HAND } from '../core/evidence';

/** A hand at the usual pace whose log has taught nothing. */
export const usualHand: Hand = { pace: DEFAULT_PACE, learned: UNTAUGHT_HAND };

/** A bench with some abrasives, all of them owned. */
export function benchWith(abrasives: readonly LadderAbrasive[]): Bench {
  return { where: 'bench', abrasives, owned: abrasives, hand: usualHand };
}
