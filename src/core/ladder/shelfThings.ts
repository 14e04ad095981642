import type { Shelf } from './shelfAbrasives';

/** Everything on a shelf, in one list. */
export function shelfThings({ abrasives, strops, compounds, lubricants }: Shelf) {
  return [...abrasives, ...strops, ...compounds, ...lubricants];
}

/** A shelf with each of its things changed alike. */
export function mapShelf(
  { abrasives, strops, compounds, lubricants }: Shelf,
  change: <T extends ReturnType<typeof shelfThings>[number]>(thing: T) => T,
): Shelf {
  return {
    abrasives: abrasives.map((thing) => change(thing)),
    strops: strops.map((thing) => change(thing)),
    compounds: compounds.map((thing) => change(thing)),
    lubricants: lubricants.map((thing) => change(thing)),
  };
}
