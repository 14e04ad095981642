import type { LogAnswers } from '../core/answers';
import type { Standings } from '../core/inspection';
import type { TaughtThing } from '../core/log';
import { threadsOf } from './threads';
import type { WholeLogWorker } from './wholeLog.worker';

/** One thread that all questions share: it has read the log already. */
const threads = threadsOf<WholeLogWorker>(
  () => new Worker(new URL('./wholeLog.worker.ts', import.meta.url), { type: 'module' }),
);

/** Where everything stands now, read and judged in the worker. */
export function readStandings(): Promise<Standings> {
  return threads.share((api) => api.standings());
}

/** What the whole log answers by a moment (ISO 8601), read and computed in the worker. */
export function readAnswers(now: string): Promise<LogAnswers> {
  return threads.share((api) => api.answers(now));
}

/** What the whole log has taught of the things on the shelf, read and computed in the worker. */
export function readTaught(): Promise<{ things: TaughtThing[]; finished: number }> {
  return threads.share((api) => api.taught());
}
