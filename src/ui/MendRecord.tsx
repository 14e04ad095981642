'use client';

import { uiPartsWords as say } from './words/screens/uiParts';
import { useMemo, useState } from 'react';
import type { StoreName } from '../domain/storeNames';
import { readRecord, writeRecord } from '../formats/recordText';
import { NotesField } from './forms/fields';

/** A record that cannot be used, opened as its text: what is wrong stands below until it is mended. */
export function MendRecord(props: {
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
        label={say.theRecordAsItIs}
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
