import { unescaped } from '../csv';
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
