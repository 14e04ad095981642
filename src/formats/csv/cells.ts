/** What cells of tables from anywhere say. */

/** What a spreadsheet would take for a formula, full-width signs and leading line feeds among it. */
export const FORMULA = /^[=+\-@\t\r\n＝＋－＠]/;

/** A cell that a spreadsheet would take for a formula is written behind an apostrophe: this is what it says. */
export function unescaped(cell: string): string {
  return cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;
}

/** A number as people type it, with a point or a comma; NaN where it is none, for the schema to refuse. */
export function numberIn(cell: string, empty: number): number;
export function numberIn(cell: string, empty: null): number | null;
export function numberIn(cell: string, empty: number | null): number | null {
  return cell === '' ? empty : Number(cell.replace(',', '.'));
}

/** A day or a moment as ISO 8601 in UTC; null where nothing is said, as it stands where it is no date. */
export function momentIn(cell: string): string | null {
  if (cell === '') return null;
  return /^\d{4}-\d{2}-\d{2}$/.test(cell) ? `${cell}T12:00:00.000Z` : cell;
}

/** A heading without its marks and spaces, in small letters. */
export function plainHeading(heading: string): string {
  return heading
    .trim()
    .toLowerCase()
    .replace(/[_()\s]+/g, ' ')
    .trim();
}
