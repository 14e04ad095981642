import type { LoggedSession } from '../../domain/loggedSession';
import type { Schools } from '../../domain/schools';
import type { Spot } from '../../domain/terms';
import {
  abrasivesAtHand,
  shelfAt,
  type AtHandTrip,
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

/** A place to work at, with what is at hand there. */
export function benchAt(input: {
  spot: Spot;
  shelf: Shelf;
  /** The trip that one is on, or plans for; null for none. */
  trip: AtHandTrip | null;
  /** ISO 8601. */
  now: string;
  /** The keeper's: lubricants are reached for in its order. */
  schools: Schools;
  hand: Hand;
}): Bench {
  const { spot, shelf, trip, now, schools, hand } = input;
  return {
    where: spot === 'bench' ? 'bench' : 'field',
    abrasives: abrasivesAtHand(shelfAt(spot, shelf, trip, now), schools),
    owned: abrasivesAtHand(shelf, schools),
    hand,
  };
}
