import { newRecord } from './newRecord';
import type { RecordOf } from './records';
import type { Abrasive, Compound, Helper, Strop } from './shelf';
import { usualCovers } from './usualCovers';
import { UNKNOWN_SIZES, USUAL_FORMS, type Fineness, type UsualThing } from './usualThings';

/** What is usual of a small thing until its owner says otherwise. */
export const NEW_THING = {
  name: '',
  massG: 20,
  place: 'pouch',
  carriedAnyway: false,
  price: null,
  notes: '',
} as const;

/** What its owner says of a usual thing as it is laid out. */
export interface ToldThing {
  id: string;
  name: string;
  /** How fine it feels; null where nobody knows, or it is usual. */
  fineness: Fineness | null;
  /** The compound rubbed on a strop; null for none. */
  compoundId: string | null;
}

/** A record of the shelf, with its store. */
export type ShelfRecord = {
  [S in UsualThing['store']]: { store: S; record: RecordOf<S> };
}[UsualThing['store']];

/** A usual thing as a record of the shelf; `at` is the moment, ISO 8601. */
export function usualRecord(thing: UsualThing, told: ToldThing, at: string): ShelfRecord {
  switch (thing.store) {
    case 'abrasives':
      return { store: 'abrasives', record: abrasiveOf(thing, told, at) };
    case 'strops':
      return { store: 'strops', record: stropOf(thing, told, at) };
    case 'compounds':
      return { store: 'compounds', record: compoundOf(thing, told, at) };
    case 'helpers':
      return { store: 'helpers', record: helperOf(thing, told, at) };
  }
}

type Usual<S extends UsualThing['store']> = Extract<UsualThing, { store: S }>;

function abrasiveOf(thing: Usual<'abrasives'>, told: ToldThing, at: string): Abrasive {
  const { massG, place, family, grade, lubricants, ...size } = USUAL_FORMS[thing.form];
  const feltGrade = told.fineness && UNKNOWN_SIZES[told.fineness];
  const face = { id: 'face', name: 'face', state: 'normal' as const };
  return {
    ...newRecord(told.id, at),
    ...NEW_THING,
    ...size,
    massG,
    place,
    name: told.name,
    form: thing.form,
    freshLeft: null,
    freshAt: null,
    usedWithOil: false,
    soakMl: null,
    dishMm: 0,
    lubricants: [...(thing.lubricants ?? lubricants)],
    faces: [{ ...face, family: thing.family ?? family, grade: feltGrade ?? thing.grade ?? grade }],
  };
}

function stropOf(thing: Usual<'strops'>, told: ToldThing, at: string): Strop {
  const { form, surface, backing, lengthMm, widthMm, sagMm, massG, place, carriedAnyway } = thing;
  return {
    ...newRecord(told.id, at),
    ...NEW_THING,
    form,
    surface,
    backing,
    lengthMm,
    widthMm,
    sagMm,
    massG,
    place,
    carriedAnyway,
    name: told.name,
    freshLeft: null,
    compoundId: told.compoundId,
    loadedAt: told.compoundId === null ? null : at,
    otherFaces: [],
  };
}

function compoundOf({ sizeUm }: Usual<'compounds'>, told: ToldThing, at: string): Compound {
  return { ...newRecord(told.id, at), ...NEW_THING, name: told.name, sizeUm };
}

function helperOf({ kind, massG }: Usual<'helpers'>, told: ToldThing, at: string): Helper {
  return {
    ...newRecord(told.id, at),
    ...NEW_THING,
    name: told.name,
    kind,
    massG,
    covers: usualCovers(kind),
  };
}
