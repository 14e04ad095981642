import type { LoggedSession } from '../../domain/loggedSession';
import type { Carried } from '../../domain/trip';
import type { Schools } from '../../domain/schools';
import {
  abrasivesAtHand,
  carriedShelf,
  packedShelf,
  type Hand,
  type LadderAbrasive,
  type Shelf,
} from '../ladder';

/** Where a person works, with what, and with which hand. */
export interface Bench {
  where: LoggedSession['where'];
  /** What is at hand there. */
  abrasives: readonly LadderAbrasive[];
  /** Everything owned, elsewhere too. */
  owned: readonly LadderAbrasive[];
  hand: Hand;
}

/** A place to work at: the whole shelf at the bench, what does not live in the workshop out there. */
export function benchAt(input: {
  where: LoggedSession['where'];
  shelf: Shelf;
  /** The kit of the trip that one is on; things live where they do where none is said. */
  kit?: readonly Carried[];
  /** The keeper's: lubricants are reached for in its order. */
  schools: Schools;
  hand: Hand;
}): Bench {
  const { where, shelf, kit = [], schools, hand } = input;
  const owned = abrasivesAtHand(shelf, schools);
  const carried = carriedShelf(packedShelf(shelf, kit));
  const abrasives = where === 'bench' ? owned : abrasivesAtHand(carried, schools);
  return { where, abrasives, owned, hand };
}
