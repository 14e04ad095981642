import type { Helper } from '../../domain/shelf';
import { COVERS, type CarryPlace, type Cover } from '../../domain/terms';
import { shelfAbrasives, shelfThings, type Hand, type Shelf } from '../ladder';
import { PRIORS } from '../priors';
import type { KitItem, KitNeed, KitProblem } from './types';

/** What a person has said of the kit of a trip. */
export interface KitWishes {
  heldIn: readonly string[];
  keptOut: readonly string[];
  /** Where things go that are not carried where they live. */
  places: readonly { itemId: string; place: CarryPlace }[];
  /** Grams that the belt takes; as is usual where nothing is said. */
  mostPouchG: number | null;
  /** What else has to be covered. */
  covers: readonly Cover[];
}

/**
 * The kit problem of some needs: everything on the shelf, each thing where it was moved to, or lives; on the
 * belt whatever mid-job work uses there, as far as it may hang.
 */
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
    items: [
      ...shelfThings(shelf).map((thing) => kitItem(thing, moved.get(thing.id), mayHang(thing))),
      ...covering.map((helper) => kitItem(helper, moved.get(helper.id), false)),
    ],
    abrasives: shelfAbrasives(shelf),
    covers: COVERS.filter((cover) => wishes.covers.includes(cover)).map((cover) => ({
      cover,
      itemIds: coveredBy(cover, shelf, helpers),
    })),
    beltMostG: wishes.mostPouchG ?? PRIORS.beltMostG.value,
    heldIn: wishes.heldIn,
    keptOut: wishes.keptOut,
  };
}

type ShelfThing = ReturnType<typeof shelfThings>[number];

/** Whether a thing hangs on a belt: short and light enough, or living in the pouch anyway. */
function mayHang(thing: ShelfThing): boolean {
  const lengthMm = 'lengthMm' in thing ? thing.lengthMm : 0;
  const fits = lengthMm <= PRIORS.beltLengthMm.value && thing.massG <= PRIORS.beltThingG.value;
  return fits || thing.place === 'pouch';
}

function kitItem(
  {
    id,
    name,
    massG,
    carriedAnyway,
    place,
  }: Pick<ShelfThing, 'id' | 'name' | 'massG' | 'carriedAnyway' | 'place'>,
  moved: CarryPlace | undefined,
  fits: boolean,
): KitItem {
  const isWorn = carriedAnyway && place === 'pouch';
  const said = moved && (moved === 'pouch' ? 'always' : 'never');
  return {
    id,
    name,
    massG: carriedAnyway ? 0 : massG,
    place: moved ?? (place === 'workshop' ? 'pack' : place),
    hangs: said ?? (isWorn ? 'always' : fits ? 'may' : 'never'),
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
