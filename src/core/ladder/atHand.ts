import type { Spot } from '../../domain/terms';
import type { Carried, Trip } from '../../domain/trip';
import { tripPhase } from '../../domain/tripDays';
import type { Shelf } from './shelfAbrasives';
import { mapShelf, type shelfThings } from './shelfThings';

type Place = ReturnType<typeof shelfThings>[number]['place'];

/** What of a trip says what went along, and where one sleeps. */
export type AtHandTrip = Pick<Trip, 'carried' | 'kit' | 'startsOn' | 'days' | 'nights'>;

/** The places that are within reach of one spot out there. */
const REACH: Record<Exclude<Spot, 'bench'>, readonly Place[]> = {
  vehicle: ['pouch', 'pack', 'base-camp'],
  camp: ['pouch', 'pack', 'base-camp'],
  pack: ['pouch', 'pack'],
  belt: ['pouch'],
};

/**
 * What is at hand, the one answer to that: at the bench everything owned; on a trip what went along with it,
 * as far as one reaches from where one stands. At camp with the nights at home, and at the bench, the whole
 * shelf. Without a trip, what does not live in the workshop. `now` is an ISO 8601 moment.
 */
export function shelfAt(spot: Spot, shelf: Shelf, trip: AtHandTrip | null, now: string): Shelf {
  if (spot === 'bench' || (spot === 'camp' && trip?.nights === 'at home')) return shelf;
  if (!trip) return shelfWithin(shelf, spot);
  const there = shelfOfTrip(shelf, trip, now);
  return shelfWithin(spot === 'vehicle' ? withVehicle(there, trip) : there, spot);
}

/** A shelf with what stays in the vehicle as near as the camp. */
function withVehicle(shelf: Shelf, { carried, kit }: AtHandTrip): Shelf {
  const inIt = new Set([
    ...kit.vehicle,
    ...carried.filter(({ place }) => place === 'workshop').map(({ itemId }) => itemId),
  ]);
  return mapShelf(shelf, (thing) =>
    inIt.has(thing.id) ? { ...thing, place: 'base-camp' } : thing,
  );
}

/** The part of a shelf within reach of a spot out there, with what its strops are loaded with. */
export function shelfWithin(shelf: Shelf, spot: Exclude<Spot, 'bench'>): Shelf {
  const isThere = ({ place }: { place: Place }): boolean => REACH[spot].includes(place);
  const strops = shelf.strops.filter(isThere);
  const loads = new Set(
    strops.flatMap((strop) => [strop, ...strop.otherFaces].map(({ compoundId }) => compoundId)),
  );
  return {
    abrasives: shelf.abrasives.filter(isThere),
    strops,
    compounds: shelf.compounds.filter((bar) => isThere(bar) || loads.has(bar.id)),
    lubricants: shelf.lubricants.filter(isThere),
  };
}

/**
 * A shelf as a packed kit has it: each thing of the kit where it was packed, everything else left at home
 * but for what is carried anyway. Until something lies packed the whole kit counts; without a kit things
 * live where they do.
 */
export function packedShelf(shelf: Shelf, kit: readonly Carried[]): Shelf {
  if (kit.length === 0) return shelf;
  const along = kit.some(({ packed }) => packed) ? kit.filter(({ packed }) => packed) : kit;
  const places = new Map(along.map(({ itemId, place }) => [itemId, place]));
  return mapShelf(shelf, (thing) => ({
    ...thing,
    place: places.get(thing.id) ?? (thing.carriedAnyway ? thing.place : 'workshop'),
  }));
}

/**
 * The shelf as a trip has it at a moment (ISO 8601), each thing in its place there: the whole kit while the
 * trip is still ahead, however much of it is ticked by then; from its first day on what lies packed; without
 * packing, what its kit says of the things that live outside the workshop.
 */
export function shelfOfTrip(
  shelf: Shelf,
  trip: Pick<Trip, 'carried' | 'kit' | 'startsOn' | 'days'>,
  now: string,
): Shelf {
  if (trip.carried.length === 0) return shelfAsWished(shelf, trip.kit);
  const isAhead = tripPhase(trip, now) === 'ahead';
  const kit = isAhead ? trip.carried.map((own) => ({ ...own, packed: false })) : trip.carried;
  return packedShelf(shelf, kit);
}

function shelfAsWished(shelf: Shelf, { heldIn, keptOut, places }: Trip['kit']): Shelf {
  const moved = new Map(places.map(({ itemId, place }) => [itemId, place]));
  return mapShelf(shelf, (thing) => {
    const lives = thing.place === 'workshop' && heldIn.includes(thing.id) ? 'pack' : thing.place;
    const place = keptOut.includes(thing.id) ? 'workshop' : (moved.get(thing.id) ?? lives);
    return place === thing.place ? thing : { ...thing, place };
  });
}

/**
 * Things of a kit that nobody ticked while others were, and so are not counted on; none while the trip is
 * still ahead, or where nothing was ticked at all. What is carried anyway, or comes in the vehicle, counts.
 */
export function leftUnticked<T extends { id: string; carriedAnyway: boolean }>(
  things: readonly T[],
  { carried, ...trip }: Pick<Trip, 'carried' | 'startsOn' | 'days'>,
  now: string,
): T[] {
  if (tripPhase(trip, now) === 'ahead' || !carried.some(({ packed }) => packed)) return [];
  return things.filter(
    ({ id, carriedAnyway }) =>
      !carriedAnyway &&
      carried.some(({ itemId, packed, place }) => itemId === id && !packed && place !== 'workshop'),
  );
}
