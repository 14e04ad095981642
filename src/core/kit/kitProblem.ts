import type { Helper } from '../../domain/shelf';
import { COVERS, type CarryPlace, type Cover } from '../../domain/terms';
import { shelfAbrasives, shelfThings, type Hand, type Shelf } from '../ladder';
import type { KitItem, KitNeed, KitProblem } from './types';

/** What a person has said of the kit of a trip. */
export interface KitWishes {
  heldIn: readonly string[];
  keptOut: readonly string[];
  /** Where things go that are not carried where they live. */
  places: readonly { itemId: string; place: CarryPlace }[];
  /** What else has to be covered. */
  covers: readonly Cover[];
}

/** The kit problem of some needs: everything on the shelf, each thing where it lives or was moved to. */
export function kitProblem(input: {
  needs: readonly KitNeed[];
  shelf: Shelf;
  helpers: readonly Helper[];
  wishes: KitWishes;
  minutesPerTouchUp: number;
  hand: Hand;
}): KitProblem {
  const { needs, shelf, helpers, wishes, minutesPerTouchUp, hand } = input;
  const moved = new Map(wishes.places.map(({ itemId, place }) => [itemId, place]));
  const covering = helpers.filter(({ covers }) => covers.length > 0);
  return {
    needs,
    minutesPerTouchUp,
    hand,
    items: [...shelfThings(shelf), ...covering].map(
      ({ id, name, massG, carriedAnyway, place }): KitItem => ({
        id,
        name,
        massG: carriedAnyway ? 0 : massG,
        place: moved.get(id) ?? (place === 'workshop' ? 'pack' : place),
      }),
    ),
    abrasives: shelfAbrasives(shelf),
    covers: COVERS.filter((cover) => wishes.covers.includes(cover)).map((cover) => ({
      cover,
      itemIds: coveredBy(cover, shelf, helpers),
    })),
    heldIn: wishes.heldIn,
    keptOut: wishes.keptOut,
  };
}

/** The things that cover something beside the edges: helpers, and lubricants for what they are. */
export function coveredBy(cover: Cover, shelf: Shelf, helpers: readonly Helper[]): string[] {
  const named = helpers.filter(({ covers }) => covers.includes(cover)).map(({ id }) => id);
  const wet = shelf.lubricants.filter(
    ({ kind }) => cover === 'lubricant' || (cover === 'rust film' && kind !== 'water'),
  );
  return [...named, ...wet.map(({ id }) => id)];
}
