'use client';

import { useEffect, useState } from 'react';
import { STORE_NAMES } from '../../domain/storeNames';
import { useKeepRecord, useLineCount, useRecords, useSetAside, useUnusable } from '../../live';
import Link from '../../ui/Link';
import { UnusableRecords } from '../../ui/UnusableRecords';

/** How much is stored, whether the browser promises to keep it, and what could not be read. */
export function StorageState() {
  const counts: [string, number | undefined][] = [
    ['tools', useRecords('tools')?.length],
    ['stones, files and papers', useRecords('abrasives')?.length],
    ['touch-ups', useLineCount('sessionLines')],
    ['looks at an edge', useLineCount('inspectionLines')],
  ];
  const unusable = useUnusable(STORE_NAMES);
  const setAside = useSetAside();
  const keep = useKeepRecord();
  const [kept, setKept] = useState<boolean | null>(null);
  useEffect(() => {
    void navigator.storage?.persisted?.().then(setKept);
  }, []);
  return (
    <section>
      <h2>What is stored here</h2>
      <table className="table-plain mt-1 max-w-md">
        <tbody>
          {counts.map(([name, number]) => (
            <tr key={name}>
              <td>{name}</td>
              <td className="number font-semibold">{number ?? ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {unusable.length > 0 && (
        <UnusableRecords records={unusable} onSetAside={setAside} onMend={keep} />
      )}
      <p>
        <Link href="/data/bin" className="link inline-flex min-h-12 items-center">
          The bin: what was taken down
        </Link>
      </p>
      <p className="mt-3">
        {kept
          ? 'The browser has promised to keep it.'
          : 'The browser may clear it when space runs short.'}
      </p>
      {kept === false && (
        <button
          type="button"
          className="btn btn-outline mt-2"
          onClick={() => void navigator.storage.persist().then(setKept)}
        >
          Ask it to keep everything
        </button>
      )}
    </section>
  );
}
