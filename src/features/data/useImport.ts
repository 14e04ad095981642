'use client';

import { useState } from 'react';
import { notice } from '../../ui/notice';
import {
  startImport,
  type ImportJob,
  type ImportOutcome,
  type ImportStage,
} from '../../workers/filesClient';

/** Where the last import stands. */
export type ImportState = { file: File } & (
  | { kind: 'under way'; stage: ImportStage; share: number; cancel: () => void }
  | { kind: 'failed'; error: Error }
  | Exclude<ImportOutcome, { kind: 'merged' }>
  | (Extract<ImportOutcome, { kind: 'merged' }> & { takeBack: () => void })
);

/** Imports a file; shows how far it is, what came of it, and the way to take it back. */
export function useImport(): { state: ImportState | null; importFile: (file: File) => void } {
  const [state, setState] = useState<ImportState | null>(null);
  const importFile = (file: File): void => {
    let cancelled = false;
    const job = startImport(file, (stage, share) => {
      if (!cancelled) setState({ file, kind: 'under way', stage, share, cancel });
    });
    const cancel = (): void => {
      cancelled = true;
      job.cancel();
      setState(null);
      void notice(`${file.name} is not brought in; nothing has changed.`);
    };
    job.outcome.then(
      (outcome) => {
        if (outcome.kind === 'refused') setState({ file, ...outcome });
        else
          setState({ file, ...outcome, takeBack: () => void takeBack(job, () => setState(null)) });
      },
      (error: Error) => setState({ file, kind: 'failed', error }),
    );
  };
  return { state, importFile };
}

/** Takes an import back, however long ago it was; what was changed since stays. */
async function takeBack(job: ImportJob, onDone: () => void): Promise<void> {
  const changedSince = await job.undo();
  onDone();
  void notice(
    changedSince > 0
      ? `Taken back, but for ${changedSince} changed since: they stay as they are now.`
      : 'The import is taken back.',
  );
}
