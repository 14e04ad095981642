'use client';

import { dataWords as say } from './words';
import dynamic from 'next/dynamic';
import { FilesInAndOut } from './FilesInAndOut';
import {
  useChangeSettings,
  useSettings,
  useStore,
  useUndoable,
  loadSample,
  startEmpty,
  useKeepRecord,
  useLineCount,
  useRecords,
  useSetAside,
  useUnusable,
} from '../../live';
import { Choice } from '../../ui/Choice';
import { clockNow } from '../../domain/clock';
import { useEffect, useState } from 'react';
import { STORE_NAMES } from '../../domain/storeNames';
import Link from '../../ui/Link';
import { UnusableRecords } from '../../ui/UnusableRecords';

const HabitsForm = dynamic(() => import('./HabitsForm'), { ssr: false });

/** Export and import, what is stored, the person's habits, the sample crew. */
export function DataScreen() {
  return (
    <div className="mx-auto grid w-full max-w-[82rem] gap-x-16 gap-y-10 px-4 py-5 sm:px-8 lg:grid-cols-2">
      <div>
        <h1>{say.data}</h1>
        <p className="max-w-[56ch] text-lg text-soft">{say.everythingStaysInThisBrowser}</p>
        <FilesInAndOut />
        <StartOver />
      </div>
      <div className="grid content-start gap-10">
        <StorageState />
        <UnitsChoice />
        <HabitsForm />
      </div>
    </div>
  );
}

/** Metric, or inches, ounces and pounds-force; everywhere at once. */
function UnitsChoice() {
  const settings = useSettings();
  const change = useChangeSettings();
  if (!settings) return null;
  return (
    <div>
      <h2>{say.units}</h2>
      <div className="mt-2">
        <Choice
          legend={say.measuresAreShownIn}
          options={[
            ['metric', say.mmGN],
            ['imperial', say.inchesOuncesPoundsForce],
          ]}
          chosen={settings.units}
          onChoose={(units) => void change({ units })}
        />
      </div>
      <p className="mt-2 max-w-[56ch] text-soft">{say.inchesAsFractions}</p>
    </div>
  );
}

/** The sample crew, or nothing, in the place of all that is here. */
function StartOver() {
  const store = useStore();
  const undoable = useUndoable();
  return (
    <>
      <h2 className="mt-8">{say.startOver}</h2>
      <div className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => void undoable(say.sampleCrewHangs, () => loadSample(store, clockNow()))}
        >
          {say.loadTheSampleCrew}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={() =>
            void undoable(say.everythingIsRemoved, () => startEmpty(store, clockNow()))
          }
        >
          {say.removeEverything}
        </button>
      </div>
      <p className="mt-2 max-w-[56ch] text-soft">{say.bothReplaceEverything}</p>
    </>
  );
}

/** How much is stored, whether the browser promises to keep it, and what could not be read. */
function StorageState() {
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
      <p className="mt-3">{kept ? say.browserKeepsIt : say.browserMayClearIt}</p>
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
