import type { AbrasiveFamily } from '../../domain/families';
import { spokenText } from './closedWords';

/** What a family of abrasives is called: water stone. */
export function familyName(family: AbrasiveFamily): string {
  return spokenText(family).replaceAll('-', ' ');
}
