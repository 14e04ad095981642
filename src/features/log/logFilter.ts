import type { WorkMark } from '../../core/answers';
import type { LogRow } from './logRows';

/** A stretch of time, from and to as ms since 1970. */
export type Span = readonly [fromMs: number, toMs: number];

/** Which entries are asked for; empty words and null ask for all. */
export interface LogFilter {
  tool: string;
  trip: string;
  person: string;
  abrasive: string;
  mark: WorkMark | '';
  words: string;
  span: Span | null;
}

export const NO_FILTER: LogFilter = {
  tool: '',
  trip: '',
  person: '',
  abrasive: '',
  mark: '',
  words: '',
  span: null,
};

/** The words of a line in small letters, made when they are first searched. */
const searched = new WeakMap<LogRow, string>();

function searchedIn(row: LogRow): string {
  const known = searched.get(row);
  if (known !== undefined) return known;
  const { toolName, work, where, abrasives, before, after, notes } = row;
  const words = [toolName, work, where, abrasives, before, after, notes].join(' ').toLowerCase();
  searched.set(row, words);
  return words;
}

/** The lines that fit all that is asked for. */
export function findRows(rows: readonly LogRow[], filter: LogFilter): LogRow[] {
  const { tool, trip, person, abrasive, mark, span } = filter;
  const words = filter.words.trim().toLowerCase();
  return rows.filter(
    (row) =>
      (tool === '' || row.toolName === tool) &&
      (trip === '' || row.tripId === trip) &&
      (person === '' || row.people.includes(person)) &&
      (abrasive === '' || row.things.includes(abrasive)) &&
      (mark === '' || row.mark === mark) &&
      (span === null || (row.atMs >= span[0] && row.atMs <= span[1])) &&
      (words === '' || searchedIn(row).includes(words)),
  );
}
