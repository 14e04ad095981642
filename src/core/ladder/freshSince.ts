import { otherFaceId, type Shelf } from './shelfAbrasives';

/** When each surface on a shelf was last made fresh, by the id that the log knows it by. */
export function freshSince(shelf: Shelf): (itemId: string) => string | null {
  const moments = new Map<string, string | null>();
  for (const { id, freshAt, faces } of shelf.abrasives) {
    for (const face of faces) moments.set(`${id}/${face.id}`, freshAt);
  }
  for (const { id, loadedAt, otherFaces } of shelf.strops) {
    moments.set(id, loadedAt);
    otherFaces.forEach((face, i) => moments.set(otherFaceId(id, i), face.loadedAt));
  }
  return (itemId) => moments.get(itemId) ?? null;
}
