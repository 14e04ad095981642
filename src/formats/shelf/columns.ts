import { plainHeading } from '../csv';

/** The columns of a shelf as a table, with the words that other tables may head them by. */
const SHELF_COLUMNS = {
  what: ['what', 'type', 'category'],
  name: ['name', 'item', 'title'],
  form: ['form', 'kind', 'shape'],
  surface: ['surface', 'abrasive', 'material', 'family'],
  grade: ['grade', 'grit', 'size', 'size um', 'size µm', 'µm'],
  state: ['state', 'condition'],
  faceName: ['side', 'face'],
  otherSurface: ['other surface'],
  otherGrade: ['other grade', 'other grit'],
  otherState: ['other state'],
  otherFaceName: ['other side'],
  thirdSurface: ['third surface'],
  thirdGrade: ['third grade', 'third grit'],
  thirdState: ['third state'],
  thirdFaceName: ['third side'],
  lengthMm: ['length mm', 'length'],
  widthMm: ['width mm', 'width'],
  thicknessMm: ['thickness mm', 'thickness', 'height mm'],
  hollowMm: ['hollow or sag mm', 'hollow mm', 'sag mm', 'dish mm'],
  massG: ['weight g', 'weight', 'mass g', 'grams', 'g'],
  place: ['lives in', 'place', 'where'],
  carriedAnyway: ['carried anyway'],
  goesWith: ['goes with', 'lubricants', 'lubricant'],
  usedWithOil: ['used with oil', 'oiled'],
  soakMl: ['soaks up ml', 'water ml'],
  freshLeft: ['fresh left', 'left', 'quantity'],
  freshAt: ['fresh since', 'loaded on'],
  otherFreshAt: ['other fresh since'],
  thirdFreshAt: ['third fresh since'],
  backing: ['backing'],
  compound: ['compound'],
  otherCompound: ['other compound'],
  thirdCompound: ['third compound'],
  covers: ['covers', 'serves as'],
  price: ['price', 'cost'],
  notes: ['notes', 'remarks', 'comment'],
} as const;

export type ShelfColumn = keyof typeof SHELF_COLUMNS;
export const COLUMN_KEYS = Object.keys(SHELF_COLUMNS) as ShelfColumn[];

/** How a column is headed in our own tables. */
export function columnTitle(column: ShelfColumn): string {
  return SHELF_COLUMNS[column][0];
}

/** Which column of a table, by its place, holds what; null where none does. */
export type ColumnMapping = Record<ShelfColumn, number | null>;

/** The mapping that a table's headings suggest: each column for the first that names it. */
export function guessMapping(headings: readonly string[]): ColumnMapping {
  const said = headings.map(plainHeading);
  return Object.fromEntries(
    COLUMN_KEYS.map((column) => {
      const place = SHELF_COLUMNS[column]
        .map((word) => said.indexOf(word))
        .find((index) => index >= 0);
      return [column, place ?? null];
    }),
  ) as ColumnMapping;
}
