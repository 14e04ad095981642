import { wrap, type Remote } from 'comlink';
import type { Standings } from '../core';
import type { StandingsWorker } from './standings.worker';

let api: Remote<StandingsWorker> | null = null;

/** Where everything stands now, read and judged in the worker. */
export function readStandings(): Promise<Standings> {
  api ??= wrap<StandingsWorker>(
    new Worker(new URL('./standings.worker.ts', import.meta.url), { type: 'module' }),
  );
  return api.read();
}
