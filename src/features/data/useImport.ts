'use client';

import { dataWords as say } from './words';
import { useSyncExternalStore } from 'react';
import { notice } from '../../ui/notice';
import type { FileProblem } from '../../formats/jsonProblems';
import { failureWords } from '../../ui/words/failureWords';
import { leftAsItIs } from '../../ui/words/undoWords';
import { type MergeReport, startImport, type ImportJob, type ImportStage } from '../../live';

/** Where the last import stands. */
export type ImportState = { file: File } & (
  | { kind: 'under way'; stage: ImportStage; share: number; cancel: () => void }
  | { kind: 'failed'; error: Error }
  | { kind: 'refused'; problems: FileProblem[]; more: number }
  | { kind: 'merged'; report: MergeReport; takeBack: () => void }
);

/** The last import of this tab: screens are drawn anew when a file brings other units, and left, meanwhile. */
let present: ImportState | null = null;
const listeners = new Set<() => void>();

function become(next: ImportState | null): void {
  present = next;
  listeners.forEach((listener) => listener());
}

function listen(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Imports a file; shows how far it is, what came of it, and the way to take it back. */
export function useImport(): { state: ImportState | null; importFile: (file: File) => void } {
  const state = useSyncExternalStore(
    listen,
    () => present,
    () => null,
  );
  return { state, importFile };
}

function importFile(file: File): void {
  // Progress comes by a way of its own, and may come later than the outcome.
  let isOver = false;
  const job = startImport(file, (stage, share) => {
    if (!isOver) become({ file, kind: 'under way', stage, share, cancel });
  });
  const cancel = (): void => {
    isOver = true;
    job.cancel();
    become(null);
    void notice(`${say.isNotBroughtInNothing(file.name)}.`);
  };
  job.outcome.then(
    (outcome) => {
      isOver = true;
      if (outcome.kind === 'refused') become({ file, ...outcome });
      else become({ file, ...outcome, takeBack: () => void takeBack(job, () => become(null)) });
    },
    (error: Error) => {
      isOver = true;
      become({ file, kind: 'failed', error });
    },
  );
}

/** Takes an import back, however long ago it was; what was changed since stays. */
async function takeBack(job: ImportJob, onDone: () => void): Promise<void> {
  try {
    const left = leftAsItIs(await job.undo());
    onDone();
    void notice(left ?? say.theImportIsTakenBack);
  } catch (error) {
    // The report stays, and with it the way to try again.
    void notice(failureWords(error as Error), { stays: true });
  }
}
