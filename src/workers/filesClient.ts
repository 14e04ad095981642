import { proxy, wrap, type Remote } from 'comlink';
import type { FilesWorker, ImportOutcome, OnImportProgress } from './files.worker';

export type { ImportOutcome, ImportStage } from './files.worker';

/** An import under way: its outcome, the way to stop it, and afterwards the way to take it back. */
export interface ImportJob {
  outcome: Promise<ImportOutcome>;
  /** Nothing of the file stays: the database takes back what a thread leaves half done. */
  cancel: () => void;
  /** Returns how many records stay because they were changed since. */
  undo: () => Promise<number>;
}

let lastImport: Worker | null = null;

/** Imports a data file in a thread of its own, which stays until the next import, for its undo. */
export function startImport(file: File, onProgress: OnImportProgress): ImportJob {
  lastImport?.terminate();
  const { worker, api } = spawn();
  lastImport = worker;
  const outcome = new Promise<ImportOutcome>((resolve, reject) => {
    worker.addEventListener('error', (event) => reject(new Error(event.message)), { once: true });
    api.importFile(file, new Date().toISOString(), proxy(onProgress)).then(resolve, reject);
  });
  return { outcome, cancel: () => worker.terminate(), undo: () => api.undoImport() };
}

/** Writes everything that is stored into one file. */
export async function exportAll(): Promise<{ file: Blob; leftOut: number }> {
  const { worker, api } = spawn();
  try {
    return await api.exportAll(new Date().toISOString());
  } finally {
    worker.terminate();
  }
}

function spawn(): { worker: Worker; api: Remote<FilesWorker> } {
  const worker = new Worker(new URL('./files.worker.ts', import.meta.url), { type: 'module' });
  return { worker, api: wrap<FilesWorker>(worker) };
}
