/** A last stone as coarse as this leaves teeth that bite; one as fine as this a polish that pushes (prior). */
const TOOTHY_FROM_UM = 20;
const POLISHED_TO_UM = 6;

export const FINISH_NAMES = ['toothy', 'between', 'polished'] as const;
export type FinishName = (typeof FINISH_NAMES)[number];

/** The finish that a last stone of this size leaves. */
export function finishName(sizeUm: number): FinishName {
  if (sizeUm >= TOOTHY_FROM_UM) return 'toothy';
  return sizeUm <= POLISHED_TO_UM ? 'polished' : 'between';
}
