import { parse } from 'papaparse';
import type { FileProblem } from '../jsonProblems';

/** A table as it was read: its headings, and its rows with the line that each begins on. */
export interface Table {
  headings: string[];
  rows: { line: number; cells: string[] }[];
}

/** Reads CSV of so many rows at most, its first row as headings; the separator is found out. */
export function readTable(
  text: string,
  mostRows: number,
): { table: Table } | { problem: FileProblem } {
  const { data, errors } = parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const lines = linesOf(data);
  const broken = errors.find(({ type }) => type === 'Quotes');
  if (broken) {
    const line = lines[Math.min(broken.row ?? 0, data.length - 1)] ?? 1;
    return {
      problem: {
        line,
        field: 'file',
        message: 'has a quotation mark that is not closed: close it',
      },
    };
  }
  const lined = data
    .map((cells, i) => ({ line: lines[i]!, cells }))
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  const [head, ...rows] = lined;
  if (!head || rows.length === 0) {
    const message = 'holds no rows: it needs a row of headings and rows below it';
    return { problem: { line: 1, field: 'file', message } };
  }
  if (rows.length > mostRows) {
    const message = `holds ${rows.length} rows; ${mostRows} are taken at once: split it`;
    return { problem: { line: rows[mostRows]!.line, field: 'file', message } };
  }
  return { table: { headings: head.cells, rows } };
}

/** The line of the file that each row begins on: cells in quotation marks may hold lines of their own. */
function linesOf(data: readonly string[][]): number[] {
  let line = 1;
  return data.map((cells) => {
    const begins = line;
    line += cells.reduce((sum, cell) => sum + cell.split('\n').length - 1, 1);
    return begins;
  });
}
