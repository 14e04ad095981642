import { lubricantsOf } from '../../domain/lubricantsOf';
import type { Abrasive, Compound, Lubricant, Strop } from '../../domain/shelf';
import type { Schools } from '../../domain/schools';
import type { LubricantKind } from '../../domain/terms';
import { gradeSizeUm, soakMl } from '../abrasive';
import { LUBRICANT_ORDER } from './practice';
import type { LadderAbrasive, LadderStone, LadderStrop } from './types';
import { PRIORS } from '../priors';

/** Everything on the shelf that the ladder can use. */
export interface Shelf {
  abrasives: readonly Abrasive[];
  strops: readonly Strop[];
  compounds: readonly Compound[];
  lubricants: readonly Lubricant[];
}

/** An abrasive for the ladder, with the shelf records that it takes. */
export interface ShelfAbrasive<A = LadderStone | LadderStrop> {
  abrasive: A;
  /** Records of which every one is needed: a loaded strop works without its bar. */
  needsAll: string[];
  /** Records of which one is needed, its lubricants; null where it works dry or with water. */
  needsOneOf: string[] | null;
}

/** What a bare strop does counts as particles of this size (prior). */
const BARE_STROP_UM = PRIORS.bareStropUm.value;
/** Order in which lubricants are preferred where a stone takes several. */
const PREFERENCE: readonly LubricantKind[] = ['water', 'oil', 'fat', 'dry'];

/**
 * Every face of every stone, and every strop with its compound, as the ladder sees them. Lubricants
 * are chosen in the order of `preference`, as far as the stone takes them.
 */
export function shelfAbrasives(
  shelf: Shelf,
  preference: readonly LubricantKind[] | null = null,
): ShelfAbrasive[] {
  const order = preference ?? PREFERENCE;
  return [...shelf.abrasives.flatMap((item) => stones(item, shelf, order)), ...strops(shelf)];
}

/** Every surface at hand, with lubricants as a keeper's schools, where given, reach for them. */
export function abrasivesAtHand(shelf: Shelf, schools?: Schools): LadderAbrasive[] {
  const preference = schools ? LUBRICANT_ORDER[schools.lubricant] : null;
  return shelfAbrasives(shelf, preference).map(({ abrasive }) => abrasive);
}

function stones(
  item: Abrasive,
  { lubricants }: Shelf,
  order: readonly LubricantKind[],
): ShelfAbrasive<LadderStone>[] {
  const taken = lubricantsOf(item);
  const fitting = lubricants.filter(({ kind }) => taken.includes(kind));
  const atHand = order.find(
    (kind) =>
      taken.includes(kind) &&
      (kind === 'dry' || fitting.some((lubricant) => lubricant.kind === kind)),
  );
  const lubricant = atHand ?? (taken.includes('water') ? 'water' : null);
  return item.faces.map((face) => ({
    abrasive: {
      kind: 'stone',
      id: `${item.id}/${face.id}`,
      name: item.faces.length === 1 ? item.name : `${item.name}, ${face.name}`,
      family: face.family,
      form: item.form,
      sizeUm: gradeSizeUm(face.grade),
      lengthMm: item.lengthMm,
      widthMm: item.widthMm,
      dishMm: item.dishMm,
      state: face.state,
      lubricant,
      soakMl: soakMl(item),
      held: null,
    },
    needsAll: [item.id],
    // A splash of water is had where people drink; how much a stone soaks up is another sum.
    needsOneOf:
      taken.includes('dry') || taken.includes('water') ? null : fitting.map(({ id }) => id),
  }));
}

/** The faces of every strop: its own id names the first, as the log does. */
function strops({ strops, compounds }: Shelf): ShelfAbrasive<LadderStrop>[] {
  return strops.flatMap((strop) => [
    stropFace(strop, strop, compounds),
    ...strop.otherFaces.map((face, i) => stropFace(strop, face, compounds, i)),
  ]);
}

function stropFace(
  strop: Strop,
  { surface, compoundId }: Pick<Strop, 'surface' | 'compoundId'>,
  compounds: readonly Compound[],
  other: number | null = null,
): ShelfAbrasive<LadderStrop> {
  const compound = compounds.find(({ id }) => id === compoundId);
  const name = other === null ? strop.name : otherFaceName(strop.name, other);
  const { form, backing, lengthMm, sagMm } = strop;
  return {
    abrasive: {
      kind: 'strop',
      id: other === null ? strop.id : otherFaceId(strop.id, other),
      name: compound ? `${name}, ${compound.name}` : name,
      form,
      surface,
      backing,
      lengthMm,
      sagMm,
      sizeUm: compound?.sizeUm ?? BARE_STROP_UM,
      loaded: compound !== undefined,
    },
    needsAll: [strop.id],
    needsOneOf: null,
  };
}

/** The id that the log and the ladder know a strop's further faces by, from 0. */
export function otherFaceId(stropId: string, other = 0): string {
  return other === 0 ? `${stropId}/other` : `${stropId}/other${other + 1}`;
}

/** What a strop's further faces are called, from 0. */
export function otherFaceName(name: string, other: number): string {
  return other === 0 ? `${name}, other face` : `${name}, third face`;
}
