import { wrap, type Remote } from 'comlink';
import type { LogAnswers, Standings } from '../core';
import type { WholeLogWorker } from './wholeLog.worker';

let api: Remote<WholeLogWorker> | null = null;

function worker(): Remote<WholeLogWorker> {
  return (api ??= wrap<WholeLogWorker>(
    new Worker(new URL('./wholeLog.worker.ts', import.meta.url), { type: 'module' }),
  ));
}

/** Where everything stands now, read and judged in the worker. */
export function readStandings(): Promise<Standings> {
  return worker().standings();
}

/** What the whole log answers by a moment (ISO 8601), read and computed in the worker. */
export function readAnswers(now: string): Promise<LogAnswers> {
  return worker().answers(now);
}
