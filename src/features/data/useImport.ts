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
  | ImportOutcome
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
        setState({ file, ...outcome });
        if (outcome.kind === 'merged') offerUndo(file.name, job, () => setState(null));
      },
      (error: Error) => setState({ file, kind: 'failed', error }),
    );
  };
  return { state, importFile };
}

function offerUndo(fileName: string, job: ImportJob, onUndone: () => void): void {
  const undo = async (): Promise<void> => {
    const changedSince = await job.undo();
    onUndone();
    if (changedSince > 0)
      void notice(`Taken back, but for ${changedSince} changed since: they stay as they are now.`);
  };
  void notice(`${fileName} is in.`, { action: { label: 'Undo', onClick: () => void undo() } });
}
