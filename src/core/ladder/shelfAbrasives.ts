import type { Abrasive, Compound, Lubricant, Strop } from '../../domain/shelf';
import type { Schools } from '../../domain/schools';
import type { LubricantKind } from '../../domain/terms';
import { gradeSizeUm } from '../abrasive';
import { LUBRICANT_ORDER } from './practice';
import type { LadderAbrasive, LadderStone, LadderStrop } from './types';

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
  /** Records of which every one is needed: a stone, or a strop and its compound. */
  needsAll: string[];
  /** Records of which one is needed, its lubricants; null where it works dry. */
  needsOneOf: string[] | null;
}

/** What a bare strop does counts as particles of this size (prior). */
const BARE_STROP_UM = 0.5;
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
  const fitting = lubricants.filter(({ kind }) => item.lubricants.includes(kind));
  const atHand = order.find(
    (kind) =>
      item.lubricants.includes(kind) &&
      (kind === 'dry' || fitting.some((lubricant) => lubricant.kind === kind)),
  );
  return item.faces.map((face) => ({
    abrasive: {
      kind: 'stone',
      id: `${item.id}/${face.id}`,
      name: item.faces.length === 1 ? item.name : `${item.name}, ${face.name}`,
      family: face.family,
      form: item.form,
      sizeUm: gradeSizeUm(face.grade),
      lengthMm: item.lengthMm,
      dishMm: item.dishMm,
      state: face.state,
      lubricant: atHand ?? null,
    },
    needsAll: [item.id],
    needsOneOf: item.lubricants.includes('dry') ? null : fitting.map(({ id }) => id),
  }));
}

function strops({ strops, compounds }: Shelf): ShelfAbrasive<LadderStrop>[] {
  return strops.map((strop) => {
    const compound = compounds.find(({ id }) => id === strop.compoundId);
    return {
      abrasive: {
        kind: 'strop',
        id: strop.id,
        name: compound ? `${strop.name}, ${compound.name}` : strop.name,
        surface: strop.surface,
        backing: strop.backing,
        sizeUm: compound?.sizeUm ?? BARE_STROP_UM,
        lengthMm: strop.lengthMm,
        loaded: compound !== undefined,
      },
      needsAll: compound ? [strop.id, compound.id] : [strop.id],
      needsOneOf: null,
    };
  });
}
