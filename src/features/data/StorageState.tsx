'use client';

import { useEffect, useState } from 'react';
import { useDamagedIds, useRecords, useSetAside, useUnusable } from '../../data';
import { plural } from '../../ui/format';
import { UnusableRecords } from '../../ui/UnusableRecords';

/** How much is stored, whether the browser promises to keep it, and what could not be read. */
export function StorageState() {
  const counts: [string, number | undefined][] = [
    ['tools', useRecords('tools')?.length],
    ['stones, files and papers', useRecords('abrasives')?.length],
    ['touch-ups', useRecords('sessions')?.length],
    ['looks at an edge', useRecords('inspections')?.length],
  ];
  const unusable = useUnusable();
  const setAside = useSetAside();
  const damaged = [...(useDamagedIds('sessions') ?? []), ...(useDamagedIds('inspections') ?? [])];
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
      {unusable.length > 0 && <UnusableRecords records={unusable} onSetAside={setAside} />}
      {damaged.length > 0 && (
        <p role="alert" className="field-error mt-2">
          {plural(damaged.length, 'record')} could not be read and{' '}
          {damaged.length === 1 ? 'is' : 'are'} left as stored: {damaged.join(', ')}. Export, and
          import an older export to mend them.
        </p>
      )}
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
