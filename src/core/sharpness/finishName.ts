import { PRIORS } from '../priors';

export const FINISH_NAMES = ['toothy', 'between', 'polished'] as const;
export type FinishName = (typeof FINISH_NAMES)[number];

/** The finish that a last stone of this size leaves. */
export function finishName(sizeUm: number): FinishName {
  if (sizeUm >= PRIORS.toothyFromUm.value) return 'toothy';
  return sizeUm <= PRIORS.polishedToUm.value ? 'polished' : 'between';
}
