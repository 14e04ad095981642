'use client';

import { uiPartsWords as say } from './words/partsWords';
import type { StoreName } from '../domain/storeNames';
import { writeRecord, readRecord } from '../formats/recordText';
import { downloadText } from './download';
import { useMemo, useState } from 'react';
import { NotesField } from './forms/fields';

/** A record that cannot be used, as a screen shows it. */
interface Unusable {
  store: StoreName;
  id: string;
  name: string;
  why: string;
  raw: unknown;
}

/** What cannot be used and why, each to be mended, exported or set aside; the rest goes on without it. */
export function UnusableRecords<R extends Unusable>(props: {
  records: readonly R[];
  onMend: (record: R, mended: { id: string }) => void;
  onSetAside: (record: R) => void;
}) {
  const { records, onMend, onSetAside } = props;
  return (
    <ul>
      {records.map((record) => (
        <li key={record.id} className="border-t border-rule py-2">
          <p className="font-semibold">{say.cannotBeUsed(record.name)}</p>
          <p className="field-error">{record.why}</p>
          <div className="mt-1 flex flex-wrap gap-3">
            <button
              type="button"
              className="btn btn-outline"
              onClick={() =>
                downloadText(
                  `${record.name.replaceAll(/\W+/g, '-')}.json`,
                  writeRecord(record.raw),
                  'application/json',
                )
              }
            >
              {say.exportIt}
            </button>
            <button type="button" className="btn btn-outline" onClick={() => onSetAside(record)}>
              {say.setItAside}
            </button>
            <MendRecord {...record} onMend={(mended) => onMend(record, mended)} />
          </div>
        </li>
      ))}
    </ul>
  );
}

/** A record that cannot be used, opened as its text: what is wrong stands below until it is mended. */
function MendRecord(props: {
  store: StoreName;
  raw: unknown;
  why: string;
  onMend: (mended: { id: string }) => void;
}) {
  const { store, raw, why, onMend } = props;
  const asStored = useMemo(() => writeRecord(raw), [raw]);
  const [text, setText] = useState(asStored);
  const reading = useMemo(() => readRecord(store, text), [store, text]);
  return (
    <details className="w-full">
      <summary className="link inline-flex min-h-12 cursor-pointer items-center">
        {say.openAndMendIt}
      </summary>
      <NotesField
        label={say.recordAsStored}
        rows={12}
        spellCheck={false}
        className="textarea figures w-full font-mono text-[0.9rem]"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <div role="status" className="mt-1">
        {!reading.ok && (
          <ul className="break-words">
            {reading.problems.slice(0, 6).map(({ line, field, message }) => (
              <li key={`${line}${field}${message}`} className="field-error">
                {say.line(line, field, message)}
              </li>
            ))}
          </ul>
        )}
        {reading.ok && text === asStored && <p className="field-error">{why}</p>}
      </div>
      <button
        type="button"
        className="btn btn-neutral mt-2"
        disabled={!reading.ok || text === asStored}
        onClick={() => reading.ok && onMend(reading.record)}
      >
        {say.saveItMended}
      </button>
    </details>
  );
}
