'use client';

import { uiPartsWords as say } from './words/screens/uiParts';
import type { StoreName } from '../domain/storeNames';
import { writeRecord } from '../formats/recordText';
import { downloadText } from './download';
import { MendRecord } from './MendRecord';

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
