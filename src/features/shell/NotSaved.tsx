'use client';

import { shellWords as say } from '../../ui/words/shellWords';
import { useState } from 'react';
import {
  useNames,
  useOutbox,
  useSaveState,
  type FieldClash,
  type RecordClash,
  type Side,
} from '../../live';
import type { SaveState } from '../../live';
import { downloadText } from '../../ui/download';
import { failureWords } from '../../ui/words/failureWords';
import { STORE_NAMES, type StoreName } from '../../domain/storeNames';
import type { AllRecords } from '../../domain/records';
import { writeBundle } from '../../formats/bundle';
import { Dialog } from '../../ui/Dialog';
import { fieldName, fieldValue } from '../../ui/words/fieldWords';

/** The one place that says that something is not saved, why, and the ways on. */
export default function NotSaved() {
  const state = useSaveState();
  const { waiting, clashes } = state;
  // Whoever closes the question has chosen neither: it waits until it is asked again.
  const [putOff, setPutOff] = useState<SaveState['clashes']>([]);
  if (waiting.length === 0) return null;
  if (clashes.length === 0 || clashes === putOff) return <Waiting state={state} />;
  return <Clashing clashes={clashes} onPutOff={() => setPutOff(clashes)} />;
}

function Waiting({ state }: { state: SaveState }) {
  const outbox = useOutbox();
  const [isTrying, setTrying] = useState(false);
  const { waiting, error, isKept } = state;
  const tryAgain = async (): Promise<void> => {
    setTrying(true);
    await outbox.retry();
    setTrying(false);
  };
  return (
    <section
      role="alert"
      aria-label={say.notSaved}
      className="no-print sticky top-0 z-40 border-b-4 border-error bg-base-100"
    >
      <div className="mx-auto flex max-w-[82rem] flex-wrap items-center gap-x-4 px-4 py-1 sm:px-8">
        <p className="min-w-0 flex-1 basis-64 leading-tight">
          <b>{say.recordsNotSaved(waiting.length)}</b> {error && failureWords(error)}{' '}
          {isKept ? say.itWaitsOnThisDevice : say.itWaitsInThisTab}
        </p>
        <button
          type="button"
          className="link min-h-12"
          onClick={() =>
            downloadText('open-trail-not-saved.json', unsavedFile(waiting), 'application/json')
          }
        >
          {say.saveAsAFile}
        </button>
        <button
          type="button"
          className="link min-h-12 font-bold"
          disabled={isTrying}
          onClick={() => void tryAgain()}
        >
          {say.tryAgain}
        </button>
      </div>
    </section>
  );
}

function Clashing(props: { clashes: SaveState['clashes']; onPutOff: () => void }) {
  const outbox = useOutbox();
  const nameOf = useNames();
  return (
    <ClashDialog
      clashes={props.clashes}
      nameOf={nameOf}
      onSettle={(choose) => void outbox.settle(choose)}
      onPutOff={props.onPutOff}
    />
  );
}

/** What is not saved, as a data file that can be imported like any other. */
function unsavedFile(waiting: SaveState['waiting']): string {
  const of = (name: StoreName): unknown[] =>
    waiting.flatMap(({ store, after }) => (store === name && after !== undefined ? [after] : []));
  const records = Object.fromEntries(STORE_NAMES.map((name) => [name, of(name)]));
  return writeBundle(records as unknown as AllRecords, new Date().toISOString());
}

/** Fields that two have changed at once, side by side: the person says which stand. */
function ClashDialog(props: {
  clashes: readonly RecordClash[];
  nameOf: (id: string) => string;
  onSettle: (choose: (clash: RecordClash, field: FieldClash) => Side) => void;
  onPutOff: () => void;
}) {
  const { clashes, nameOf, onSettle, onPutOff } = props;
  const [sides, setSides] = useState<Record<string, Side>>({});
  const keyOf = (clash: RecordClash, field: FieldClash): string =>
    [clash.store, clash.id, ...field.path].join('/');
  const sideOf = (clash: RecordClash, field: FieldClash): Side =>
    sides[keyOf(clash, field)] ?? 'mine';
  return (
    <Dialog wide title={say.changedInTwoPlaces} onClose={onPutOff}>
      <p className="mt-2">{say.changedElsewhere}</p>
      {clashes.map((clash) => (
        <table key={`${clash.store} ${clash.id}`} className="table-plain mt-3 w-full">
          <caption className="text-left font-semibold">{nameOf(clash.id)}</caption>
          <tbody>
            {clash.clashes.map((field) => (
              <tr key={keyOf(clash, field)}>
                <th scope="row" className="text-left">
                  {fieldName(field.path, nameOf)}
                </th>
                {(['mine', 'theirs'] as const).map((side) => (
                  <td key={side}>
                    <label className="flex min-h-12 items-center gap-2">
                      <input
                        type="radio"
                        className="radio border-2 border-ink"
                        name={keyOf(clash, field)}
                        checked={sideOf(clash, field) === side}
                        onChange={() => setSides({ ...sides, [keyOf(clash, field)]: side })}
                      />
                      <span>
                        {(side === 'mine' ? say.yours : say.savedMeanwhile)(
                          <b>
                            {fieldValue(field.path, side === 'mine' ? field.to : field.present)}
                          </b>,
                        )}
                      </span>
                    </label>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      ))}
      <div className="mt-4 flex justify-end">
        <button type="button" className="btn btn-primary" onClick={() => onSettle(sideOf)}>
          {say.saveThese}
        </button>
      </div>
    </Dialog>
  );
}
