import { isAfter } from 'date-fns';
import { ValidationError } from 'yup';
import { shelfAbrasives, type LadderAbrasive, type Shelf } from '../../core/ladder';
import { pastSession } from '../../core/touchUp';
import { sessionSchema, type Session } from '../../domain/session';
import { JOBS, WORK_UNITS } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { tripOf } from '../../domain/tripDays';
import { momentIn, numberIn, plainHeading, readTable, unescaped } from '../csv';
import type { FileProblem } from '../jsonProblems';
import { LOG_COLUMNS, type LogCells, type LogColumn } from './columns';
import { readTests } from './testText';

/** A table longer than this is no log of one person. */
const MOST_ROWS = 100_000;
/** Problems that are named; the rest is counted. */
const NAMED = 20;

interface Row {
  line: number;
  cells: LogCells;
}

interface Known {
  tools: readonly Tool[];
  shelf: Shelf;
  trips: readonly Trip[];
  /** The moment of reading, ISO 8601: no entry lies ahead of it. */
  now: string;
}

export type LogReading =
  { ok: true; sessions: Session[] } | { ok: false; problems: FileProblem[]; more: number };

/**
 * The entries of a table of the log: rows that name one entry, or else one tool and one moment, make it.
 * They come in as written down afterwards. Everything is read, or what is wrong is named by line and column.
 */
export function readLog(text: string, known: Known): LogReading {
  const read = readTable(text, MOST_ROWS);
  if ('problem' in read) return { ok: false, problems: [read.problem], more: 0 };
  const headings = read.table.headings.map(plainHeading);
  const missing = (['started', 'tool', 'with'] as const).find((name) => !headings.includes(name));
  if (missing) {
    const message = 'is no heading of this table: the first row must name started, tool and with';
    return { ok: false, problems: [{ line: 1, field: missing, message }], more: 0 };
  }
  const entries = entriesOf(
    read.table.rows.map(({ line, cells }) => ({ line, cells: cellsOf(headings, cells) })),
  );
  const names = namesOf(known);
  const made = entries.map((rows) => makeEntry(rows, known, names));
  const problems = made.flatMap((each) => ('problems' in each ? each.problems : []));
  if (problems.length > 0) {
    return {
      ok: false,
      problems: problems.slice(0, NAMED),
      more: Math.max(0, problems.length - NAMED),
    };
  }
  return { ok: true, sessions: made.flatMap((each) => ('session' in each ? [each.session] : [])) };
}

function cellsOf(headings: readonly string[], cells: readonly string[]): LogCells {
  return Object.fromEntries(
    LOG_COLUMNS.map((column) => {
      const place = headings.indexOf(column);
      return [column, place < 0 ? '' : unescaped((cells[place] ?? '').trim())];
    }),
  ) as LogCells;
}

/** Rows by their entry, in the order in which they come. */
function entriesOf(rows: readonly Row[]): Row[][] {
  const entries = new Map<string, Row[]>();
  for (const row of rows) {
    const { entry, started, tool } = row.cells;
    const key = entry || `${tool} ${started}`;
    const own = entries.get(key);
    if (own) own.push(row);
    else entries.set(key, [row]);
  }
  return [...entries.values()];
}

interface Names {
  tools: Map<string, Tool>;
  things: Map<string, LadderAbrasive>;
}

function namesOf({ tools, shelf }: Known): Names {
  const things = shelfAbrasives(shelf).map(({ abrasive }) => abrasive);
  // A strop is also called without what is on it, a stone without its only face.
  const plain = [...shelf.strops, ...shelf.abrasives].flatMap(({ id, name }) => {
    const own = things.filter((thing) => thing.id === id || thing.id.startsWith(`${id}/`));
    return own.length > 0 ? [[name.toLowerCase(), own[0]!] as const] : [];
  });
  return {
    tools: new Map(tools.map((tool) => [tool.name.toLowerCase(), tool])),
    things: new Map([
      ...plain,
      ...things.map((thing) => [thing.name.toLowerCase(), thing] as const),
    ]),
  };
}

function makeEntry(
  rows: readonly Row[],
  { trips, now }: Known,
  names: Names,
): { session: Session } | { problems: FileProblem[] } {
  const { line, cells } = rows[0]!;
  const problems: FileProblem[] = [];
  const refuse = (at: number, field: LogColumn, message: string): void => {
    problems.push({ line: at, field, message });
  };
  const tool = names.tools.get(cells.tool.toLowerCase());
  if (!tool) refuse(line, 'tool', `${named(cells.tool)} hangs on no rack here: hang it first`);
  const zone = tool && zoneIn(tool, cells.edge);
  if (tool && !zone) {
    const zones = tool.zones.map(({ name }) => name).join(', ');
    refuse(line, 'edge', `${named(cells.edge)} is no edge of ${tool.name}: it has ${zones}`);
  }
  const doneAt = momentOf(cells.started);
  if (!doneAt) refuse(line, 'started', 'must be a day (2026-10-24) or a moment in ISO 8601');
  else if (isAfter(doneAt, now)) refuse(line, 'started', 'must not lie ahead');
  const job = JOBS.find((each) => each === (cells.job.toLowerCase() || 'touch-up'));
  if (!job) refuse(line, 'job', `must be one of ${JOBS.join(', ')}`);
  const [before, after] = (['before', 'after'] as const).map((column) => {
    const tests = readTests(cells[column]);
    if (!tests) refuse(line, column, 'must be a test like slices-paper, or grams like 210 g');
    return { tests: tests ?? [], findings: [] };
  });
  const steps = rows.filter(({ cells: own }) => own.with !== '');
  const things = steps.map((row) => {
    const thing = names.things.get(row.cells.with.toLowerCase());
    if (!thing)
      refuse(row.line, 'with', `${named(row.cells.with)} is not on the shelf: add it first`);
    return thing;
  });
  if (problems.length > 0 || !tool || !zone || !doneAt || !job) return { problems };
  const past = pastSession({
    id: cells.entry || `${Date.parse(doneAt)} ${tool.id} ${zone.id}`.slice(0, 64),
    // As old as the work: an entry that is here already stays as it is.
    at: doneAt,
    doneAt,
    tripId: tripOf(trips, tool.id, doneAt)?.id ?? null,
    tool,
    zone,
    before: before!,
    after: after!,
    where: cells.where.toLowerCase() === 'field' ? 'field' : 'bench',
    steps: things.map((abrasive) => ({ abrasive: abrasive!, strokesPerSide: null, minutes: null })),
    notes: cells.note,
  });
  const unit = WORK_UNITS.find((each) => each === cells.unit.toLowerCase());
  const session: Session = {
    ...past,
    job,
    workSince: unit ? { amount: numberIn(cells['work since'], 0), unit } : null,
    steps: past.steps.map((step, i) => {
      const { left, right, minutes } = steps[i]!.cells;
      return {
        ...step,
        abrasiveName: steps[i]!.cells.with,
        left: numberIn(left, 0),
        right: numberIn(right, 0),
        activeSeconds: Math.round(60 * numberIn(minutes, 0)),
      };
    }),
  };
  const faults = faultsOf(session, rows);
  return faults.length > 0 ? { problems: faults } : { session };
}

function named(cell: string): string {
  return cell === '' ? 'nothing' : `“${cell.slice(0, 60)}”`;
}

/** The edge of that name, or the only one. */
function zoneIn(tool: Tool, name: string): Zone | undefined {
  if (name === '' && tool.zones.length === 1) return tool.zones[0];
  const said = name.toLowerCase();
  return tool.zones.find((zone) => zone.name.toLowerCase() === said || zone.id === said);
}

function momentOf(cell: string): string | null {
  const ms = Date.parse(momentIn(cell) ?? '');
  return Number.isNaN(ms) ? null : new Date(ms).toISOString();
}

/** Which column a fault of a record lies in, and the row of its step. */
function faultsOf(session: Session, rows: readonly Row[]): FileProblem[] {
  try {
    sessionSchema.validateSync(session, { strict: true, abortEarly: false });
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return error.inner.map(({ path = '', message }) => {
      const step = /^steps\[(\d+)\]\.?(\w*)/.exec(path);
      const row = step ? rows.filter(({ cells }) => cells.with !== '')[Number(step[1])] : rows[0];
      const words = message.startsWith(path) ? message.slice(path.length).trim() : message;
      return { line: (row ?? rows[0]!).line, field: columnOf(path), message: words };
    });
  }
}

function columnOf(path: string): LogColumn {
  if (/^steps\[\d+\]\.(left|right)/.test(path)) return path.endsWith('left') ? 'left' : 'right';
  if (/^steps\[\d+\]\.activeSeconds/.test(path)) return 'minutes';
  if (path.startsWith('steps')) return 'with';
  if (path.startsWith('workSince')) return 'work since';
  if (path.startsWith('notes')) return 'note';
  if (path.startsWith('before')) return 'before';
  return path.startsWith('after') ? 'after' : 'entry';
}
