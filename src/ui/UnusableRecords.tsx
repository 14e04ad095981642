'use client';

import { downloadText } from './download';

/** A record that cannot be used, as a screen shows it. */
export interface Unusable {
  id: string;
  name: string;
  why: string;
  raw: unknown;
}

/** What cannot be used and why, each to be exported or set aside; the rest goes on without it. */
export function UnusableRecords<R extends Unusable>(props: {
  records: readonly R[];
  onSetAside: (record: R) => void;
}) {
  const { records, onSetAside } = props;
  return (
    <ul>
      {records.map((record) => (
        <li key={record.id} className="border-t border-rule py-2">
          <p className="font-semibold">{record.name} cannot be used</p>
          <p className="field-error">{record.why}</p>
          <div className="mt-1 flex flex-wrap gap-3">
            <button
              type="button"
              className="btn btn-outline"
              onClick={() =>
                downloadText(
                  `${record.name.replaceAll(/\W+/g, '-')}.json`,
                  JSON.stringify(record.raw, null, 2),
                  'application/json',
                )
              }
            >
              Export it
            </button>
            <button type="button" className="btn btn-outline" onClick={() => onSetAside(record)}>
              Set it aside
            </button>
          </div>
        </li>
      ))}
    </ul>
  );
}
