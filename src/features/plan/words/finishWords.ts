import { finishName, type FinishName } from '../../../core/sharpness/index';
import { um } from '../../../ui/format';

const SAYS: Record<FinishName, string> = {
  toothy: 'toothy',
  between: 'between toothy and polished',
  polished: 'polished',
};

/** The finish in a word, with the size that it comes from. */
export function finishWords(sizeUm: number): string {
  return `${SAYS[finishName(sizeUm)]}, ${um(sizeUm)}`;
}

const GOOD_FOR: Record<FinishName, string> = {
  toothy: 'it bites rope, hide and food, and lasts longer outdoors',
  between: 'it slices and still push-cuts',
  polished: 'it push-cuts and carves, and tires sooner outdoors',
};

/** When to stop with stones, and what that is good for. */
export function stopWords(finishSizeUm: number): string {
  return `Stop with stones at about ${um(finishSizeUm)}: ${SAYS[finishName(finishSizeUm)]}; ${GOOD_FOR[finishName(finishSizeUm)]}.`;
}
