import { placeIn, type Carrying, type KitSolution } from '../../core/kit';
import type { Carried } from '../../domain/trip';

/** The things of a kit as they are to be packed, with what comes along anyway. */
export function packedKit(
  solution: KitSolution,
  kit: Carrying,
  vehicle: readonly string[],
): Carried[] {
  const { items, anyway } = solution;
  const { carried } = kit;
  const beside = items.filter(({ id }, i) => vehicle.includes(id) && !carried.has(i));
  return [
    ...[...carried].map((i) => ({ itemId: items[i]!.id, place: placeIn(solution, kit, i) })),
    ...anyway.map(({ id, place }) => ({ itemId: id, place })),
    // What is not carried is as far off as the workshop.
    ...beside.map(({ id }) => ({ itemId: id, place: 'workshop' as const })),
  ].map((thing) => ({ ...thing, packed: false, used: null }));
}

/** The things of a kit that is packed, by index; null where none is, or where one is no longer to choose from. */
export function packedItems(
  { items, anyway }: KitSolution,
  kit: readonly Carried[],
): number[] | null {
  if (kit.length === 0) return null;
  const carried = kit.filter(
    ({ itemId, place }) => place !== 'workshop' && !anyway.some(({ id }) => id === itemId),
  );
  const indices = carried.map(({ itemId }) => items.findIndex(({ id }) => id === itemId));
  return indices.includes(-1) ? null : indices;
}

/** The same kit with the ticks of what lies packed already. */
export function withTicks(kit: readonly Carried[], before: readonly Carried[]): Carried[] {
  return kit.map((thing) => before.find((other) => isSameThing(thing, other)) ?? thing);
}

export function isSamePacking(a: readonly Carried[], b: readonly Carried[]): boolean {
  return a.length === b.length && a.every((thing) => b.some((other) => isSameThing(thing, other)));
}

function isSameThing(a: Carried, b: Carried): boolean {
  return a.itemId === b.itemId && a.place === b.place;
}

export function isSameKit(a: readonly number[], b: readonly number[]): boolean {
  return a.length === b.length && a.every((i) => b.includes(i));
}
