import type { Trip } from '../../domain/trip';
import {
  abrasivesAtHand,
  shelfWithin,
  stepWaterMl,
  type LadderAbrasive,
  type Shelf,
} from '../ladder';

/** A stone that stays unused on a trip, and why: it wants more water than a day has, or a flat place. */
export interface RefusedStone {
  id: string;
  name: string;
  why: 'water' | 'flat';
  waterMl: number;
}

/** The things that are worked with on a trip: in mid-job, with all that is carried, and in the evening. */
export interface TripShelf {
  midJob: LadderAbrasive[];
  carried: LadderAbrasive[];
  evening: LadderAbrasive[];
  refused: RefusedStone[];
}

/**
 * The carried shelf of a trip, without the stones that soak up more than a day has, and without those
 * that must lie flat where nothing does. Evenings at home have the whole shelf; in mid-job only the belt
 * is at hand, where the person has it so.
 */
export function tripShelf(
  shelf: Shelf,
  trip: Pick<Trip, 'waterMlPerDay' | 'waterAtHandMlPerDay' | 'hasFlat' | 'nights' | 'kit'>,
): TripShelf {
  const whyNot = (abrasive: LadderAbrasive): RefusedStone['why'] | null => {
    if (stepWaterMl(abrasive) > stoneWaterMl(trip)) return 'water';
    return !trip.hasFlat && liesFlat(abrasive) ? 'flat' : null;
  };
  const all = abrasivesAtHand(shelfWithin(shelf, 'camp'));
  const usable = (things: LadderAbrasive[]): LadderAbrasive[] =>
    things.filter((abrasive) => whyNot(abrasive) === null);
  const carried = usable(all);
  return {
    midJob: trip.kit.midJobFromBelt ? usable(abrasivesAtHand(shelfWithin(shelf, 'belt'))) : carried,
    carried,
    evening: trip.nights === 'at home' ? abrasivesAtHand(shelf) : carried,
    refused: all.flatMap((abrasive): RefusedStone[] => {
      const why = whyNot(abrasive);
      const { id, name } = abrasive;
      return why ? [{ id, name, why, waterMl: stepWaterMl(abrasive) }] : [];
    }),
  };
}

/** Water that stones have in a day: what they may have, as far as it is there. */
export function stoneWaterMl(trip: Pick<Trip, 'waterMlPerDay' | 'waterAtHandMlPerDay'>): number {
  return Math.min(trip.waterMlPerDay, trip.waterAtHandMlPerDay);
}

/** Bench stones and papers have to lie on something flat and firm. */
function liesFlat(abrasive: LadderAbrasive): boolean {
  return (
    abrasive.kind === 'stone' && (abrasive.form === 'bench-stone' || abrasive.form === 'paper')
  );
}
