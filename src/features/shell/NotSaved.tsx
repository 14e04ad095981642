'use client';

import { shellWords as say } from '../../ui/words/screens/shell';
import { useState } from 'react';
import { useNames, useOutbox, useSaveState } from '../../live';
import type { SaveState } from '../../live';
import { downloadText } from '../../ui/download';
import { failureWords } from '../../ui/words/failureWords';
import { ClashDialog } from './ClashDialog';
import { unsavedFile } from './unsavedFile';

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
          <b>{say.notSaved2(waiting.length)}</b> {error && failureWords(error)}{' '}
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
