import { parse } from 'papaparse';
import type { FileProblem } from '../jsonProblems';

/** A table as it was read: its headings, and its rows with the line that each begins on. */
export interface Table {
  headings: string[];
  rows: { line: number; cells: string[] }[];
}

/** A shelf has no more things than this. */
const MOST_ROWS = 1000;

/** Reads CSV with its first row as headings; the separator is found out. */
export function readTable(text: string): { table: Table } | { problem: FileProblem } {
  const { data, errors } = parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const broken = errors.find(({ type }) => type === 'Quotes');
  if (broken) {
    const line = lineOf(data, Math.min(broken.row ?? 0, data.length));
    return {
      problem: {
        line,
        field: 'file',
        message: 'has a quotation mark that is not closed: close it',
      },
    };
  }
  const lined = data
    .map((cells, i) => ({ line: lineOf(data, i), cells }))
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const [head, ...rows] = lined;
  if (!head || rows.length === 0) {
    const message = 'holds no rows: it needs a row of headings and one row for each thing';
    return { problem: { line: 1, field: 'file', message } };
  }
  if (rows.length > MOST_ROWS) {
    const message = `holds ${rows.length} rows; a shelf takes ${MOST_ROWS} at once: split it`;
    return { problem: { line: rows[MOST_ROWS]!.line, field: 'file', message } };
  }
  return { table: { headings: head.cells, rows } };
}

/** The line of the file that a row begins on: cells in quotation marks may hold lines of their own. */
function lineOf(data: readonly string[][], row: number): number {
  const before = data.slice(0, row);
  return 1 + before.length + before.flat().join('').split('\n').length - 1;
}
