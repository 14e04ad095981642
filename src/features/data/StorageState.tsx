'use client';

import { dataWords as say } from '../../ui/words/screens/data';
import { useEffect, useState } from 'react';
import { STORE_NAMES } from '../../domain/storeNames';
import { useKeepRecord, useLineCount, useRecords, useSetAside, useUnusable } from '../../live';
import Link from '../../ui/Link';
import { UnusableRecords } from '../../ui/UnusableRecords';

/** How much is stored, whether the browser promises to keep it, and what could not be read. */
export function StorageState() {
  const counts: [string, number | undefined][] = [
    [say.stores.tools, useRecords('tools')?.length],
    [say.stonesFilesAndPapers, useRecords('abrasives')?.length],
    [say.stores.sessions, useLineCount('sessionLines')],
    [say.looksAtAnEdge, useLineCount('inspectionLines')],
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
      <h2>{say.whatIsStoredHere}</h2>
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
          {say.theBinWhatWasTaken}
        </Link>
      </p>
      <p className="mt-3">{kept ? say.theBrowserHasPromisedTo : say.theBrowserMayClearIt}</p>
      {kept === false && (
        <button
          type="button"
          className="btn btn-outline mt-2"
          onClick={() => void navigator.storage.persist().then(setKept)}
        >
          {say.askItToKeepEverything}
        </button>
      )}
    </section>
  );
}
