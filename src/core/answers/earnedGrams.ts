import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { tripPhase } from '../../domain/tripDays';
import { edgeName } from '../../domain/edgeName';
import { damageOf } from '../inspection';
import { thingsWorth, type RackRound } from '../kit';
import {
  edgeTarget,
  packedShelf,
  shelfWithin,
  shelfAbrasives,
  shelfThings,
  workingFace,
  type Hand,
  type Shelf,
} from '../ladder';
import { thingsCarried } from '../trip';
import { seenApex } from '../sharpness';

/** What one thing of the shelf brought on past trips for what it weighed. */
export interface EarnedGrams {
  itemId: string;
  name: string;
  massG: number;
  /** Trips that it was carried on, and on which it was used. */
  trips: number;
  usedOn: number;
  /** Minutes that the touch-ups of those trips would have taken longer without it. */
  savedMinutes: number;
  /** Touch-ups of those trips that nothing else that was carried could do. */
  onlyFor: number;
  /** Minutes saved for each hundred grams on each trip. */
  minutesPer100g: number;
}

/**
 * Which thing earns its grams: every touch-up of a past trip is planned with all that was carried, and
 * again without each thing that the plan takes. The most earning first; what is carried anyway is left out.
 */
export function earnedGrams(input: {
  tools: readonly Tool[];
  trips: readonly Trip[];
  sessions: readonly LoggedSession[];
  shelf: Shelf;
  hand: Hand;
  /** ISO 8601; trips that have not ended by then are left out. */
  now: string;
}): EarnedGrams[] {
  const { tools, trips, sessions, shelf, hand, now } = input;
  const earned = new Map<string, EarnedGrams>();
  const things = new Map(shelfThings(shelf).map((thing) => [thing.id, thing]));
  const past = trips.filter((trip) => trip.carried.length > 0 && tripPhase(trip, now) === 'over');
  for (const trip of past) {
    const own = sessions.filter(
      ({ tripId, finishedAt, startedAt }) =>
        tripId === trip.id && finishedAt !== null && tripPhase(trip, startedAt) === 'under way',
    );
    const worth = thingsWorth(roundOf(trip, own, tools, shelf, hand));
    for (const { itemId, used } of thingsCarried(trip, shelf, sessions)) {
      const thing = things.get(itemId);
      if (!thing || thing.carriedAnyway || thing.massG === 0) continue;
      const sum = earned.get(itemId) ?? nothingYet(thing);
      const does = worth.find(({ id }) => id === itemId);
      earned.set(itemId, {
        ...sum,
        trips: sum.trips + 1,
        usedOn: sum.usedOn + Number(used === true),
        savedMinutes: sum.savedMinutes + Math.max(0, does?.savesMinutes ?? 0),
        onlyFor: sum.onlyFor + (does?.onlyFor.length ?? 0),
      });
    }
  }
  return [...earned.values()]
    .map((each) => ({
      ...each,
      minutesPer100g: each.savedMinutes / ((each.massG / 100) * each.trips),
    }))
    .sort((a, b) => b.onlyFor - a.onlyFor || b.minutesPer100g - a.minutesPer100g);
}

function nothingYet({ id, name, massG }: { id: string; name: string; massG: number }): EarnedGrams {
  return {
    itemId: id,
    name,
    massG,
    trips: 0,
    usedOn: 0,
    savedMinutes: 0,
    onlyFor: 0,
    minutesPer100g: 0,
  };
}

/** The touch-ups of a trip, as they came, by what was carried on it. */
function roundOf(
  trip: Trip,
  sessions: readonly LoggedSession[],
  tools: readonly Tool[],
  shelf: Shelf,
  hand: Hand,
): RackRound {
  const carried = shelfWithin(packedShelf(shelf, trip.carried), 'camp');
  return {
    needs: sessions.flatMap((session) => {
      const tool = tools.find(({ id }) => id === session.toolId);
      const zone = tool?.zones.find(({ id }) => id === session.zoneId);
      const apex = seenApex(session.before);
      if (!tool || !zone || !apex || session.job !== 'touch-up') return [];
      const { depthMm, stretch } = damageOf(session.before.findings);
      return [
        {
          id: session.id,
          name: edgeName(tool, zone),
          face: workingFace(tool, zone),
          condition: {
            apexRadiusUm: apex.apexRadiusUm,
            damageDepthMm: depthMm,
            damageStretch: stretch,
          },
          target: edgeTarget(tool, zone, 'field'),
        },
      ];
    }),
    items: shelfThings(carried).map(({ id, name }) => ({ id, name })),
    abrasives: shelfAbrasives(carried),
    hand,
  };
}
