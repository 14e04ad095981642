import { unparse } from 'papaparse';
import { FORMULA } from './cells';

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
