import type { Abrasive, Compound, Helper, Lubricant, Strop } from '../../domain/shelf';
import { writeTable } from '../csv';
import type { Cells } from './cells';
import { COLUMN_KEYS, columnTitle, type ShelfColumn } from './columns';
import { gradeText } from './gradeText';

/** Everything on a shelf. */
export interface ShelfThings {
  abrasives: readonly Abrasive[];
  strops: readonly Strop[];
  compounds: readonly Compound[];
  lubricants: readonly Lubricant[];
  helpers: readonly Helper[];
}

type Said = Partial<Record<ShelfColumn, string | number | boolean | null>>;

type CompoundName = (id: string | null) => string;

/** What a row says of a thing of each store. */
const CELLS: {
  [S in keyof ShelfThings]: (thing: ShelfThings[S][number], name: CompoundName) => Said;
} = {
  abrasives: stoneCells,
  strops: stropCells,
  compounds: (own) => ({ ...common(own), what: 'compound', grade: `${own.sizeUm} µm` }),
  lubricants: (own) => ({ ...common(own), what: 'lubricant', form: own.kind }),
  helpers: (own) => ({
    ...common(own),
    what: 'helper',
    form: own.kind,
    covers: own.covers.join('; '),
  }),
};

/** A shelf as CSV, one thing a row, readable by any spreadsheet and by `readShelf`. */
export function writeShelf(shelf: ShelfThings): string {
  const stores = Object.keys(CELLS) as (keyof ShelfThings)[];
  const rows = stores.flatMap((store) =>
    shelf[store].map((thing) => thingCells(store, thing, shelf)),
  );
  return writeTable(
    COLUMN_KEYS.map(columnTitle),
    rows.map((row) => COLUMN_KEYS.map((column) => row[column])),
  );
}

/** One thing as a row, by column. */
export function thingCells<S extends keyof ShelfThings>(
  store: S,
  thing: ShelfThings[S][number],
  { compounds }: Pick<ShelfThings, 'compounds'>,
): Cells {
  const said = CELLS[store](thing, (id) => compounds.find((own) => own.id === id)?.name ?? '');
  return Object.fromEntries(COLUMN_KEYS.map((column) => [column, inWords(said[column])])) as Cells;
}

function inWords(value: Said[ShelfColumn]): string {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return value === null || value === undefined ? '' : String(value);
}

function common(
  thing: Pick<Helper, 'name' | 'massG' | 'place' | 'carriedAnyway' | 'price' | 'notes'>,
): Said {
  const { name, massG, place, carriedAnyway, price, notes } = thing;
  return { name, massG, place, carriedAnyway, price, notes };
}

function stoneCells(stone: Abrasive): Said {
  const [face, other, third] = stone.faces;
  const { form, lengthMm, widthMm, thicknessMm, usedWithOil, soakMl, freshLeft, freshAt } = stone;
  return {
    ...common(stone),
    what: 'stone',
    form,
    lengthMm,
    widthMm,
    thicknessMm,
    usedWithOil,
    soakMl,
    freshLeft,
    freshAt,
    hollowMm: stone.dishMm,
    goesWith: stone.lubricants.join('; '),
    surface: face!.family,
    grade: gradeText(face!.grade),
    state: face!.state,
    faceName: face!.name,
    ...(other && {
      otherSurface: other.family,
      otherGrade: gradeText(other.grade),
      otherState: other.state,
      otherFaceName: other.name,
    }),
    ...(third && {
      thirdSurface: third.family,
      thirdGrade: gradeText(third.grade),
      thirdState: third.state,
      thirdFaceName: third.name,
    }),
  };
}

function stropCells(strop: Strop, compound: CompoundName): Said {
  const { form, surface, backing, lengthMm, widthMm, freshLeft, loadedAt, otherFaces } = strop;
  const [other, third] = otherFaces;
  return {
    ...common(strop),
    what: 'strop',
    form,
    surface,
    backing,
    lengthMm,
    widthMm,
    freshLeft,
    hollowMm: strop.sagMm,
    compound: compound(strop.compoundId),
    freshAt: loadedAt,
    ...(other && {
      otherSurface: other.surface,
      otherCompound: compound(other.compoundId),
      otherFreshAt: other.loadedAt,
    }),
    ...(third && {
      thirdSurface: third.surface,
      thirdCompound: compound(third.compoundId),
      thirdFreshAt: third.loadedAt,
    }),
  };
}
