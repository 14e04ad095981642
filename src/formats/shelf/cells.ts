import { COLUMN_KEYS, type ColumnMapping, type ShelfColumn } from './columns';

/** What one row says, by column; empty where it says nothing. */
export type Cells = Record<ShelfColumn, string>;

export function cellsOf(cells: readonly string[], mapping: ColumnMapping): Cells {
  return Object.fromEntries(
    COLUMN_KEYS.map((column) => {
      const place = mapping[column];
      return [column, place === null ? '' : unescaped((cells[place] ?? '').trim())];
    }),
  ) as Cells;
}

/** A cell that a spreadsheet would take for a formula is written behind an apostrophe. */
function unescaped(cell: string): string {
  return /^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;
}

/** A number as people type it, with a point or a comma; NaN where it is none, for the schema to refuse. */
export function numberIn(cell: string, empty: number): number;
export function numberIn(cell: string, empty: null): number | null;
export function numberIn(cell: string, empty: number | null): number | null {
  return cell === '' ? empty : Number(cell.replace(',', '.'));
}

const YES = ['yes', 'y', 'true', '1', 'x'];

export function yesIn(cell: string): boolean {
  return YES.includes(cell.toLowerCase());
}

/** A word of the domain's lists: small, joined by hyphens where the list does so. */
export function wordIn<W extends string>(cell: string, words: readonly W[], empty: W): W {
  if (cell === '') return empty;
  const said = cell.toLowerCase();
  return (
    words.find((word) => word === said || word === said.replace(/[\s_]+/g, '-')) ?? (cell as W)
  );
}

/** Several words in one cell, apart by semicolons, commas or strokes. */
export function wordsIn(cell: string): string[] {
  return cell
    .split(/[;,/|]/)
    .map((word) => word.trim().toLowerCase())
    .filter((word) => word !== '');
}

/** A day or a moment as ISO 8601 in UTC; null where nothing is said, as it stands where it is no date. */
export function momentIn(cell: string): string | null {
  if (cell === '') return null;
  return /^\d{4}-\d{2}-\d{2}$/.test(cell) ? `${cell}T12:00:00.000Z` : cell;
}
