import type { Carried, Trip } from '../../domain/trip';
import { tripPhase } from '../../domain/tripDays';
import type { Shelf } from './shelfAbrasives';
import { mapShelf } from './shelfThings';

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
 * The shelf as the kit of a trip has it at a moment (ISO 8601): the whole kit while the trip is still ahead,
 * however much of it is ticked by then; from its first day on what lies packed.
 */
export function shelfOfTrip(
  shelf: Shelf,
  trip: Pick<Trip, 'carried' | 'startsOn' | 'days'>,
  now: string,
): Shelf {
  const isAhead = tripPhase(trip, now) === 'ahead';
  const kit = isAhead ? trip.carried.map((own) => ({ ...own, packed: false })) : trip.carried;
  return packedShelf(shelf, kit);
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
