import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Carried, Trip } from '../../domain/trip';
import { shelfOfTrip, shelfThings, type Shelf } from '../ladder';

/**
 * The things that went on a trip: those that were packed for it, else what its kit says of all that is not
 * kept in the workshop. What the trip's own entries in the log were done with was used; of the rest nobody has said.
 */
export function thingsCarried(
  trip: Pick<Trip, 'id' | 'carried' | 'kit' | 'startsOn' | 'days'>,
  shelf: Shelf,
  sessions: readonly LoggedSession[],
): Carried[] {
  const packed =
    trip.carried.length > 0 ? trip.carried : unpacked(shelfOfTrip(shelf, trip, trip.startsOn));
  const used = new Set(
    sessions
      .filter(({ tripId }) => tripId === trip.id)
      .flatMap(({ steps }) => steps.filter(isWorked))
      .map(({ itemId }) => itemId.split('/')[0]!),
  );
  return packed.map((thing) => (used.has(thing.itemId) ? { ...thing, used: true } : thing));
}

function unpacked(shelf: Shelf): Carried[] {
  return shelfThings(shelf).flatMap(({ id, place }) =>
    place === 'workshop' ? [] : [{ itemId: id, place, packed: false, used: null }],
  );
}
