import type { ValidationError, Schema } from 'yup';
import {
  abrasiveSchema,
  compoundSchema,
  helperSchema,
  lubricantSchema,
  stropSchema,
} from '../../domain/shelf';
import type { Table } from '../csv';
import type { FileProblem } from '../jsonProblems';
import { cellsOf, type Cells } from './cells';
import { COLUMN_KEYS, columnTitle, type ColumnMapping, type ShelfColumn } from './columns';
import { THINGS, whatIs, type Context, type ShelfStore } from './things';
import { thingCells, type ShelfThings } from './writeShelf';

const SCHEMAS: Record<ShelfStore, Schema> = {
  abrasives: abrasiveSchema,
  strops: stropSchema,
  compounds: compoundSchema,
  lubricants: lubricantSchema,
  helpers: helperSchema,
};

/** One row as a thing: new on the shelf, or in the place of the one that is called the same. */
export interface ReadThing {
  line: number;
  store: ShelfStore;
  name: string;
  isNew: boolean;
  /** The thing as it is on the shelf; null for a new one. */
  before: { id: string } | null;
  record: { id: string; massG: number };
}

/**
 * The things that a table holds, by the columns it is mapped to, and what is wrong with the rest. Rows
 * that are called as something on the shelf change that; a compound is found by its name, among the
 * shelf's and the table's own.
 */
export function readShelf(input: {
  table: Table;
  mapping: ColumnMapping;
  shelf: ShelfThings;
  /** The moment of reading, ISO 8601 in UTC. */
  at: string;
  newId: () => string;
}): { things: ReadThing[]; problems: FileProblem[] } {
  const { table, mapping, shelf, at, newId } = input;
  const things: ReadThing[] = [];
  const problems: FileProblem[] = [];
  const compounds = new Map(shelf.compounds.map(({ name, id }) => [name.toLowerCase(), id]));
  const rows = table.rows.map(({ line, cells }) => ({ line, cells: cellsOf(cells, mapping) }));
  // Compounds first: strops name them.
  const isCompound = ({ cells }: { cells: Cells }) => Number(whatIs(cells) === 'compounds');
  for (const { line, cells } of [...rows].sort((a, b) => isCompound(b) - isCompound(a))) {
    const store = whatIs(cells);
    if (store === null) {
      const message = 'must be stone, strop, compound, lubricant or helper';
      problems.push({ line, field: columnTitle('what'), message });
      continue;
    }
    const present = shelf[store].find(
      ({ name }) => name.toLowerCase() === cells.name.toLowerCase(),
    );
    const context: Context = { compounds, faceId: newId, present };
    // What the table has no column for stays as it is on the shelf.
    const told = present ? withPresent(cells, mapping, thingCells(store, present, shelf)) : cells;
    const made = THINGS[store](told, context);
    const id = present?.id ?? newId();
    const record = {
      id,
      createdAt: present?.createdAt ?? at,
      updatedAt: at,
      deletedAt: null,
      ...made.fields,
    };
    const faults =
      made.problems.length > 0 ? made.problems : faultsOf(SCHEMAS[store], record, store);
    if (faults.length > 0) {
      problems.push(...faults.map((fault) => ({ line, ...fault })));
      continue;
    }
    if (store === 'compounds') compounds.set(cells.name.toLowerCase(), id);
    things.push({
      line,
      store,
      name: cells.name,
      isNew: !present,
      before: present ?? null,
      record,
    });
  }
  const twice = firstTwice(things);
  if (twice) {
    const message = `stands twice in this table (${twice.name}): keep one of the rows`;
    problems.push({ line: twice.line, field: columnTitle('name'), message });
  }
  const byLine = (a: { line: number }, b: { line: number }): number => a.line - b.line;
  return { things: things.sort(byLine), problems: problems.sort(byLine) };
}

function withPresent(cells: Cells, mapping: ColumnMapping, present: Cells): Cells {
  const unsaid = COLUMN_KEYS.filter((column) => mapping[column] === null);
  return { ...cells, ...Object.fromEntries(unsaid.map((column) => [column, present[column]])) };
}

function firstTwice(things: readonly ReadThing[]): ReadThing | undefined {
  const seen = new Set<string>();
  return things.find(({ store, name }) => {
    const key = `${store} ${name.toLowerCase()}`;
    const isSeen = seen.has(key);
    seen.add(key);
    return isSeen;
  });
}

/** Which column a fault of a record lies in. */
const COLUMN_OF: readonly (readonly [path: RegExp, column: ShelfColumn])[] = [
  [/^faces\[0\]\.grade/, 'grade'],
  [/^faces\[1\]\.grade/, 'otherGrade'],
  [/^faces\[0\]\.family/, 'surface'],
  [/^faces\[1\]\.family/, 'otherSurface'],
  [/^faces\[0\]\.state/, 'state'],
  [/^faces\[1\]\.state/, 'otherState'],
  [/^faces\[1\]\.name/, 'otherFaceName'],
  [/^faces\[2\]\.grade/, 'thirdGrade'],
  [/^faces\[2\]\.family/, 'thirdSurface'],
  [/^faces\[2\]\.state/, 'thirdState'],
  [/^faces\[2\]\.name/, 'thirdFaceName'],
  [/^faces/, 'faceName'],
  [/^otherFaces\[1\]\.surface/, 'thirdSurface'],
  [/^otherFaces\[1\]/, 'thirdFreshAt'],
  [/^otherFaces\[0\]\.surface/, 'otherSurface'],
  [/^otherFaces/, 'otherFreshAt'],
  [/^(dishMm|sagMm)/, 'hollowMm'],
  [/^lubricants/, 'goesWith'],
  [/^loadedAt/, 'freshAt'],
  [/^sizeUm/, 'grade'],
  [/^kind/, 'form'],
];

function faultsOf(schema: Schema, record: unknown, store: ShelfStore) {
  try {
    schema.validateSync(record, { strict: true, abortEarly: false });
    return [];
  } catch (error) {
    return (error as ValidationError).inner.map(({ path = '', message }) => {
      const key = path.split(/[.[]/)[0]! as ShelfColumn;
      const column = COLUMN_OF.find(([pattern]) => pattern.test(path))?.[1] ?? key;
      const words = message.startsWith(path) ? message.slice(path.length).trim() : message;
      return { field: columnTitle(column) ?? store, message: words };
    });
  }
}
