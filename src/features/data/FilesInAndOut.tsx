'use client';

import { dataWords as say } from './words';
import { useRef } from 'react';
import { notice } from '../../ui/notice';
import { ImportReport } from './ImportReport';
import { useImport } from './useImport';
import { useCopies } from '../../live';
import { attempt } from '../../ui/attempt';

/** The whole data out as one file, and in from one. */
export function FilesInAndOut() {
  const input = useRef<HTMLInputElement>(null);
  const { state, importFile } = useImport();
  const copies = useCopies();

  const exportFile = async (): Promise<void> => {
    try {
      const { leftOut } = await copies!.hand('file');
      if (leftOut > 0) void notice(say.leftOutMendOrExport(leftOut));
    } catch (error) {
      const { message } = error as Error;
      void notice(say.exportFailed(message), {
        stays: true,
      });
    }
  };
  return (
    <>
      <div className="mt-5 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-primary"
          disabled={!copies}
          onClick={() => void exportFile()}
        >
          {say.exportEverything}
        </button>
        <button
          type="button"
          className="btn btn-outline"
          disabled={state?.kind === 'under way'}
          onClick={() => input.current!.click()}
        >
          {say.importAFile}
        </button>
        <input
          ref={input}
          type="file"
          accept=".json,application/json,.zip,application/zip,.csv,text/csv"
          aria-label={say.fileToImport}
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file) importFile(file);
            event.target.value = '';
          }}
        />
      </div>
      <p className="mt-3 max-w-[56ch] text-soft">{say.importIsWhole}</p>
      <CopiesKept onBringIn={importFile} />
      {state && <ImportReport state={state} onAgain={() => importFile(state.file)} />}
    </>
  );
}

/** Where copies outside the browser go by themselves, and when the last one was made. */
function CopiesKept({ onBringIn }: { onBringIn: (file: File) => void }) {
  const copies = useCopies();
  if (!copies) return null;
  const { last, since, folder, may, canChoose } = copies;
  const bringIn = async (): Promise<void> => {
    const file = await copies.newest();
    if (file) onBringIn(file);
    else void notice(say.noCopyInFolder);
  };
  return (
    <section className="mt-8" aria-label={say.copies}>
      <h2>{say.copiesOutsideThisBrowser}</h2>
      <p className="mt-1 max-w-[56ch]">
        {last ? say.lastCopyOf(last.at, Math.max(0, since)) : say.noneWasMadeYet}
        {folder && say.threeCopiesStandIn(folder.name && ` ${folder.name}`)}
      </p>
      {folder && may !== 'granted' && <p className="field-error mt-1">{say.folderIsShut}</p>}
      <div className="mt-2 flex flex-wrap gap-3">
        {folder && may !== 'granted' && (
          <button type="button" className="btn btn-primary" onClick={() => attempt(copies.allow())}>
            {say.letCopiesGoOn}
          </button>
        )}
        {canChoose && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => attempt(copies.choose())}
          >
            {folder ? say.chooseAnotherFolder : say.keepCopiesInAFolder}
          </button>
        )}
        {folder && (
          <button type="button" className="btn btn-outline" onClick={() => attempt(bringIn())}>
            {say.bringInTheNewestCopy}
          </button>
        )}
        {!canChoose && (
          <button
            type="button"
            className="btn btn-outline"
            onClick={() => attempt(copies.hand('share'))}
          >
            {say.shareACopy}
          </button>
        )}
      </div>
    </section>
  );
}
