'use client';

import { format } from 'date-fns';
import { useRef, useState } from 'react';
import { toast } from 'sonner';
import { loadSample, startEmpty, useStore, type MergeReport } from '../../data';
import type { AllRecords } from '../../domain/records';
import { readBundle, writeBundle } from '../../formats/bundle';
import type { FileProblem } from '../../formats/jsonProblems';
import { downloadText } from '../../ui/download';
import { plural } from '../../ui/format';

type Outcome =
  | { kind: 'refused'; fileName: string; problems: FileProblem[] }
  | { kind: 'merged'; fileName: string; report: MergeReport };

/** A file larger than this is not read: a lifetime of touch-ups stays far below it. */
const LARGEST_BYTES = 64 * 1024 * 1024;

/** The whole data out as one file, in from one, the sample crew, and an empty start. */
export function ImportExport() {
  const store = useStore();
  const input = useRef<HTMLInputElement>(null);
  const [outcome, setOutcome] = useState<Outcome | null>(null);

  const undoable = async (words: string, work: () => Promise<void>): Promise<void> => {
    const before: AllRecords = await store.whole.readAll();
    await work();
    toast(words, {
      action: { label: 'Undo', onClick: () => void store.whole.replaceAll(before) },
    });
  };
  const exportAll = async (): Promise<void> => {
    const now = new Date();
    const text = writeBundle(await store.whole.readAll(), now.toISOString());
    downloadText(`open-trail-${format(now, 'yyyy-MM-dd')}.json`, text, 'application/json');
  };
  const importFile = async (file: File): Promise<void> => {
    const fileName = file.name;
    if (file.size > LARGEST_BYTES) {
      const message = 'is larger than 64 MB: choose a file made by Export';
      setOutcome({ kind: 'refused', fileName, problems: [{ line: 1, field: 'file', message }] });
      return;
    }
    const reading = readBundle(await file.text());
    if (!reading.ok) {
      setOutcome({ kind: 'refused', fileName, problems: reading.problems });
      return;
    }
    await undoable(`${fileName} is in.`, async () => {
      const report = await store.whole.mergeIn(reading.bundle.records);
      setOutcome({ kind: 'merged', fileName, report });
    });
  };
  return (
    <>
      <div className="mt-5 flex flex-wrap gap-3">
        <button type="button" className="btn btn-primary" onClick={() => void exportAll()}>
          Export everything
        </button>
        <button type="button" className="btn btn-outline" onClick={() => input.current!.click()}>
          Import a file
        </button>
        <input
          ref={input}
          type="file"
          accept=".json,application/json"
          aria-label="File to import"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) void importFile(file);
            event.target.value = '';
          }}
        />
      </div>
      <p className="mt-3 max-w-[56ch] text-soft">
        An import brings in all of a file or nothing of it. Of two versions of one record the newest
        stays. The file is plain JSON with a published schema.
      </p>
      {outcome && <OutcomeReport outcome={outcome} />}
      <h2 className="mt-8">Start over</h2>
      <div className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() =>
            void undoable('The sample crew hangs on the rack.', () => loadSample(store, new Date()))
          }
        >
          Load the sample crew
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={() =>
            void undoable('Everything is removed.', () => startEmpty(store, new Date()))
          }
        >
          Remove everything
        </button>
      </div>
      <p className="mt-2 max-w-[56ch] text-soft">
        Both take the place of all that is here. Export first; Undo shows for a few seconds.
      </p>
    </>
  );
}

function OutcomeReport({ outcome }: { outcome: Outcome }) {
  if (outcome.kind === 'refused') {
    return (
      <section role="alert" className="mt-5 border-l-4 border-blaze pl-4">
        <h2>{outcome.fileName} is not brought in; nothing has changed</h2>
        <ul className="mt-1">
          {outcome.problems.slice(0, 12).map(({ line, field, message }) => (
            <li key={`${line}${field}${message}`}>
              <b className="figures">Line {line}</b>, {field}: {message}.
            </li>
          ))}
        </ul>
        {outcome.problems.length > 12 && <p>and {outcome.problems.length - 12} more.</p>}
      </section>
    );
  }
  const rows = Object.entries(outcome.report).filter(
    ([, { added, replaced, kept }]) => added + replaced + kept > 0,
  );
  return (
    <section role="status" className="mt-5">
      <h2>{outcome.fileName} is brought in</h2>
      <table className="table-plain mt-1 max-w-md">
        <thead>
          <tr>
            <th>Records</th>
            <th className="number">New</th>
            <th className="number">Newer, replaced</th>
            <th className="number">Older, left</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([store, { added, replaced, kept }]) => (
            <tr key={store}>
              <td>{store}</td>
              <td className="number">{added}</td>
              <td className="number">{replaced}</td>
              <td className="number">{kept}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {rows.length === 0 && <p>{plural(0, 'record')} in it.</p>}
    </section>
  );
}
