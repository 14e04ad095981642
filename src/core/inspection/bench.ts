import type { LoggedSession } from '../../domain/loggedSession';
import type { Carried } from '../../domain/trip';
import type { Schools } from '../../domain/schools';
import {
  abrasivesAtHand,
  carriedShelf,
  packedShelf,
  shelfAbrasives,
  type Hand,
  type LadderAbrasive,
  type Shelf,
} from '../ladder';
import { learnedPace, learnFromLog, type FamilyOf, type Forgotten } from '../learn';
import type { Pace } from '../wear';

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

/** A person's hand: the strokes and the pace that their log has taught, on those of their settings. */
export function handOf(input: {
  sessions: readonly LoggedSession[];
  shelf: Shelf;
  pace: Pace;
  forgotten?: Forgotten;
}): Hand {
  const { shelf, pace } = input;
  const learned = learnFromLog({ ...input, familyOf: familyOnShelf(shelf) });
  return { pace: learnedPace(pace, learned), learned };
}
