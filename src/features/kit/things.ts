import { timesWords } from '../../ui/words/counted';
import { kitWords as say } from './words/kitWords';
import type { KitItem } from '../../core/kit';
import type { Shelf } from '../../core/ladder';
import type { Abrasive, Helper, Strop } from '../../domain/shelf';
import type { CarryPlace } from '../../domain/terms';
import { shapeOfHelper, type HelperShape } from '../../ui/things/HelperDrawing';
import type { Carried, Trip } from '../../domain/trip';

export const MATS: readonly (readonly [CarryPlace, string])[] = [
  ['pouch', say.onTheBelt],
  ['pack', say.inThePack],
  ['base-camp', say.atBaseCamp],
];

/** The mats, and what stays beside them. */
export const GROUPS: readonly (readonly [Carried['place'], string])[] = [
  ...MATS,
  ['workshop', say.inTheVehicle],
];

/** What of a thing can be drawn to scale; null where it has no measures. */
export function drawable(shelf: Shelf, id: string): Abrasive | Strop | null {
  return (
    shelf.abrasives.find((own) => own.id === id) ??
    shelf.strops.find((own) => own.id === id) ??
    null
  );
}

/** The shape of what has no measures of its own: a helper, a lubricant, a bar of compound. */
export function helperShape(shelf: Shelf, helpers: readonly Helper[], id: string): HelperShape {
  const helper = helpers.find((own) => own.id === id);
  if (helper) return shapeOfHelper(helper.kind);
  if (shelf.compounds.some((own) => own.id === id)) return 'bar';
  const wet = shelf.lubricants.find((own) => own.id === id);
  return wet && wet.kind !== 'fat' ? 'bottle' : 'tin';
}

/** Things on one mat, the longest first. */
export function onMat(
  items: readonly { item: KitItem; index: number | null }[],
  place: CarryPlace,
  shelf: Shelf,
) {
  const length = (id: string): number => drawable(shelf, id)?.lengthMm ?? 0;
  return items
    .filter(({ item }) => item.place === place)
    .sort((a, b) => length(b.item.id) - length(a.item.id));
}

/** How often a thing went along on past trips, and how often it was used; null where it never went. */
export function pastUse(trips: readonly Trip[], itemId: string): string | null {
  const went = trips.flatMap(({ checkedInAt, carried }) =>
    checkedInAt === null ? [] : carried.filter((thing) => thing.itemId === itemId),
  );
  if (went.length === 0) return null;
  const used = went.filter((thing) => thing.used).length;
  const times = (count: number): string => timesWords(count);
  return say.carriedAndUsed(times(went.length), times(used));
}
