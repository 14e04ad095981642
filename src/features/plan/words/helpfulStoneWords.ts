import type { HelpfulStone } from '../../../core/ladder/index';
import { um } from '../../../ui/format';
import { familyName } from '../../../ui/words/familyName';

/** A stone that would help, by its name where it is owned, else by what it is. */
export function helpfulStoneWords({ owned, family, sizeUm }: HelpfulStone): string {
  if (owned !== null) return owned;
  return family === 'file' ? 'a mill file' : `a ${familyName(family)} of ${um(sizeUm)}`;
}
