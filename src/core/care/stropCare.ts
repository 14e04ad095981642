import type { Compound, Strop } from '../../domain/shelf';
import { shelfWithin, otherFaceId, otherFaceName } from '../ladder';
import { counted, dated, usedUp, type CareLog, type CareRow } from './careRow';

/** What strops want: compound, to be scraped clean, a fresh face, and oil on their leather. */
export function stropRows(asked: CareLog): CareRow[] {
  const along = new Set(shelfWithin(asked.shelf, 'camp').strops.map(({ id }) => id));
  return asked.shelf.strops.flatMap((strop) => {
    const goes = along.has(strop.id);
    const faces = facesOf(strop).flatMap((face) => faceRows(asked, strop, face, goes));
    const leather = facesOf(strop).some(({ surface }) => surface === 'leather');
    return leather ? [...faces, dated(asked, strop, 'oil leather', goes)] : faces;
  });
}

type Face = { id: string; name: string } & Pick<Strop, 'surface' | 'compoundId'>;

/** All faces of a strop, each by the id that the log knows it by. */
function facesOf(strop: Strop): Face[] {
  const { id, name, surface, compoundId, otherFaces } = strop;
  const others = otherFaces.map((face, i) => ({
    id: otherFaceId(id, i),
    name: otherFaceName(name, i),
    surface: face.surface,
    compoundId: face.compoundId,
  }));
  return [{ id, name, surface, compoundId }, ...others];
}

function faceRows(asked: CareLog, strop: Strop, face: Face, goes: boolean): CareRow[] {
  const use = asked.surfaceUse.get(face.id);
  if (!use) return [];
  const rows: CareRow[] = [];
  if (face.compoundId) rows.push(counted(asked, face, 'load', use, goes));
  if (strop.freshLeft !== null && face.id === strop.id) {
    rows.push(usedUp(asked, face, strop.freshLeft, use, goes));
  } else if (face.surface === 'leather' || face.surface === 'cloth') {
    rows.push(counted(asked, face, 'clean strop', use, goes));
  }
  return rows;
}

/** Compounds dry out, crumble and pick up grit: they are looked at now and then. */
export function compoundRows(asked: CareLog): CareRow[] {
  return asked.shelf.compounds.map((compound: Compound) =>
    dated(asked, compound, 'look at compound', compound.place !== 'workshop'),
  );
}
