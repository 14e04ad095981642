import { unparse } from 'papaparse';

/** What a spreadsheet would take for a formula, in cells of several lines too. */
const FORMULA = /^[=+\-@\t\r]/;

/** A table as CSV (RFC 4180); what a spreadsheet would take for a formula stands behind an apostrophe. */
export function writeTable(
  headings: readonly string[],
  rows: readonly (readonly string[])[],
): string {
  return unparse(
    { fields: [...headings], data: rows.map((row) => [...row]) },
    { newline: '\r\n', escapeFormulae: FORMULA },
  );
}
