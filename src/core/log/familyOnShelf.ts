import { shelfAbrasives, type Shelf } from '../ladder';
import type { FamilyOf } from './forgotten';

/** The family of everything on a shelf that cuts or strops, by the id that the log knows it by. */
export function familyOnShelf(shelf: Shelf): FamilyOf {
  const families = new Map(
    shelfAbrasives(shelf).map(({ abrasive }) => [
      abrasive.id,
      abrasive.kind === 'stone' ? abrasive.family : abrasive.surface,
    ]),
  );
  return (itemId) => families.get(itemId) ?? null;
}
