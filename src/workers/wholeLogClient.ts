import { wrap, type Remote } from 'comlink';
import type { LogAnswers, Standings } from '../core';
import type { WholeLogWorker } from './wholeLog.worker';

interface Thread {
  worker: Worker;
  api: Remote<WholeLogWorker>;
}

let thread: Thread | null = null;

function startThread(): Thread {
  const worker = new Worker(new URL('./wholeLog.worker.ts', import.meta.url), { type: 'module' });
  return { worker, api: wrap<WholeLogWorker>(worker) };
}

/** Rejects where the thread cannot be started, or breaks down; the next question starts another one. */
function ask<T>(question: (api: Remote<WholeLogWorker>) => Promise<T>): Promise<T> {
  const { worker, api } = (thread ??= startThread());
  return new Promise<T>((resolve, reject) => {
    const onError = ({ message }: ErrorEvent): void => {
      if (thread?.worker === worker) thread = null;
      worker.terminate();
      reject(new Error(message || 'The thread that reads the log could not be started.'));
    };
    worker.addEventListener('error', onError);
    question(api)
      .then(resolve, reject)
      .finally(() => worker.removeEventListener('error', onError));
  });
}

/** Where everything stands now, read and judged in the worker. */
export function readStandings(): Promise<Standings> {
  return ask((api) => api.standings());
}

/** What the whole log answers by a moment (ISO 8601), read and computed in the worker. */
export function readAnswers(now: string): Promise<LogAnswers> {
  return ask((api) => api.answers(now));
}
