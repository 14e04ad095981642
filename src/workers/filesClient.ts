import { proxy } from 'comlink';
import type { Exported, FilesWorker, ImportOutcome, OnImportProgress } from './files.worker';
import { threadsOf, type Thread } from './threads';

export type { ImportStage } from './files.worker';

/** An import under way: its outcome, the way to stop it, and afterwards the way to take it back. */
export interface ImportJob {
  outcome: Promise<ImportOutcome>;
  /** Nothing of the file stays: the database takes back what a thread leaves half done. */
  cancel: () => void;
  /** Returns how many records stay because they were changed since. */
  undo: () => Promise<number>;
}

const threads = threadsOf<FilesWorker>(
  () => new Worker(new URL('./files.worker.ts', import.meta.url), { type: 'module' }),
);

let lastImport: Thread<FilesWorker> | null = null;

/** Imports a data file in a thread of its own, which stays until the next import, for its undo. */
export function startImport(file: File, onProgress: OnImportProgress): ImportJob {
  lastImport?.end();
  const thread = threads.open();
  lastImport = thread;
  const now = new Date().toISOString();
  return {
    outcome: thread.ask<ImportOutcome>((api) => api.importFile(file, now, proxy(onProgress))),
    cancel: () => thread.end(),
    undo: () => thread.ask((api) => api.undoImport()),
  };
}

/** Writes everything that is stored into one file. */
export function exportAll(): Promise<Exported> {
  const now = new Date().toISOString();
  return threads.start((api) => api.exportAll(now)).answer;
}
