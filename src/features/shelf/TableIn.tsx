'use client';

import { shelfWords as say } from './words';
import { nanoid } from 'nanoid';
import { useEffect, useMemo, useState } from 'react';
import { readTable, type Table } from '../../formats/csv';
import type { FileProblem } from '../../formats/jsonProblems';
import {
  COLUMN_KEYS,
  columnTitle,
  guessMapping,
  readShelf,
  type ColumnMapping,
  type ReadThing,
  type ShelfThings,
} from '../../formats/shelf';
import { useUndoable } from '../../live';
import { Dialog } from '../../ui/Dialog';
import { Folded } from '../../ui/forms/Folded';
import { SelectField } from '../../ui/forms/fields';
import { grams, sentence } from '../../ui/format';
import { Fault } from '../../ui/Fault';
import { failureWords } from '../../ui/words/failureWords';
import { stampNow } from '../../domain/clock';

/** No shelf is larger than this as a table. */
const MOST_BYTES = 2_000_000;
const MOST_ROWS = 1000;
/** Rows and problems that are shown; the rest is counted. */
const SHOWN = 12;
/** Columns that nearly every table has: the others are folded. */
const FIRST_COLUMNS = ['what', 'name', 'grade', 'form', 'surface', 'massG'] as const;

type Reading = { table: Table } | { problem: FileProblem };

/** A table from elsewhere: which column is which, what comes of it, and all of it in or nothing. */
export default function TableIn(props: { file: File; shelf: ShelfThings; onClose: () => void }) {
  const { file, shelf, onClose } = props;
  const [reading, setReading] = useState<Reading | null>(null);
  useEffect(() => {
    let over = false;
    void read(file).then((found) => {
      if (!over) setReading(found);
    });
    return () => {
      over = true;
    };
  }, [file]);
  return (
    <Dialog wide title={file.name} onClose={onClose}>
      {reading && 'problem' in reading && <Problems problems={[reading.problem]} />}
      {reading && 'table' in reading && (
        <Mapped table={reading.table} shelf={shelf} onClose={onClose} />
      )}
    </Dialog>
  );
}

async function read(file: File): Promise<Reading> {
  const refuse = (message: string) => ({ problem: { line: 1, field: 'file', message } });
  if (file.size > MOST_BYTES) return refuse(say.isLargerThan2Mb);
  try {
    return readTable(await file.text(), MOST_ROWS);
  } catch (error) {
    return refuse(say.cannotBeRead((error as Error).message));
  }
}

function Mapped(props: { table: Table; shelf: ShelfThings; onClose: () => void }) {
  const { table, shelf, onClose } = props;
  const undoable = useUndoable();
  const [mapping, setMapping] = useState(() => guessMapping(table.headings));
  const [failure, setFailure] = useState<string | null>(null);
  const { things, problems } = useMemo(
    () => readShelf({ table, mapping, shelf, at: stampNow(), newId: () => nanoid() }),
    [table, mapping, shelf],
  );
  const takeIn = async (): Promise<void> => {
    const words = say.thingsTakenIn(things.length);
    try {
      await undoable(
        words,
        things.map(({ store, record, before }) => ({
          store,
          id: record.id,
          before: before ?? undefined,
          after: record,
        })),
      );
      onClose();
    } catch (error) {
      setFailure(failureWords(error as Error));
    }
  };
  return (
    <div className="mt-3 grid gap-5">
      <Columns headings={table.headings} mapping={mapping} onMap={setMapping} />
      {problems.length > 0 ? <Problems problems={problems} /> : <Preview things={things} />}
      <Fault words={failure} />
      <div className="flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={problems.length > 0}
          onClick={() => void takeIn()}
        >
          {say.takeInThings(things.length)}
        </button>
        <button type="button" className="btn btn-ghost" onClick={onClose}>
          {say.cancel}
        </button>
      </div>
    </div>
  );
}

/** Which column of the table is which. */
function Columns(props: {
  headings: readonly string[];
  mapping: ColumnMapping;
  onMap: (mapping: ColumnMapping) => void;
}) {
  const { headings, mapping, onMap } = props;
  const field = (column: (typeof COLUMN_KEYS)[number]) => (
    <SelectField
      key={column}
      label={sentence(columnTitle(column))}
      value={mapping[column] === null ? '' : String(mapping[column])}
      options={[
        ['', say.notInThisTable],
        ...headings.map((heading, i) => [String(i), heading || `column ${i + 1}`] as const),
      ]}
      onChange={(event) => {
        const { value } = event.target;
        onMap({ ...mapping, [column]: value === '' ? null : Number(value) });
      }}
    />
  );
  const rest = COLUMN_KEYS.filter(
    (column) => !(FIRST_COLUMNS as readonly string[]).includes(column),
  );
  const found = rest.filter((column) => mapping[column] !== null).length;
  return (
    <fieldset className="grid gap-4">
      <legend className="mb-2 font-semibold">{say.whichColumnIsWhich}</legend>
      <div className="grid gap-4 sm:grid-cols-3">{FIRST_COLUMNS.map(field)}</div>
      <Folded title={say.theOtherColumns} holds={say.columnsFoundByHeading(found, rest.length)}>
        <div className="grid gap-4 sm:grid-cols-3">{rest.map(field)}</div>
      </Folded>
    </fieldset>
  );
}

function Problems({ problems }: { problems: readonly FileProblem[] }) {
  return (
    <section role="alert" className="border-l-4 border-blaze pl-4">
      <h3>{say.nothingIsTakenInYet}</h3>
      <ul className="mt-1 break-words">
        {problems.slice(0, SHOWN).map(({ line, field, message }, i) => (
          <li key={i}>
            <b className="figures">{say.line(line)}</b>, {field}: {message}.
          </li>
        ))}
      </ul>
      {problems.length > SHOWN && <p>{say.andMoreProblems(problems.length - SHOWN)}</p>}
    </section>
  );
}

const STORE_WORDS: Record<ReadThing['store'], string> = {
  abrasives: 'stone',
  strops: 'strop',
  compounds: 'compound',
  lubricants: 'lubricant',
  helpers: 'helper',
};

function Preview({ things }: { things: readonly ReadThing[] }) {
  return (
    <section aria-label={say.whatComesOfIt}>
      <table className="table-plain">
        <thead>
          <tr>
            <th className="number">{say.lineHeading}</th>
            <th>{say.name}</th>
            <th className="number">{say.weight}</th>
            <th>{say.becomes}</th>
          </tr>
        </thead>
        <tbody>
          {things.slice(0, SHOWN).map(({ line, store, name, isNew, record }) => (
            <tr key={line}>
              <td className="number">{line}</td>
              <td className="font-semibold">{name}</td>
              <td className="number">{grams(record.massG)}</td>
              <td>
                {isNew
                  ? say.newThingOfTable(STORE_WORDS[store])
                  : say.changesTheOnTheShelf(STORE_WORDS[store])}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {things.length > SHOWN && <p>{say.andMoreThings(things.length - SHOWN)}</p>}
    </section>
  );
}
