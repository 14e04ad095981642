import { wrap, type Remote } from 'comlink';
import type { Standings } from '../core';
import type { StandingsWorker } from './standings.worker';

let api: Remote<StandingsWorker> | null = null;

/** Where everything stands now, read and judged in the worker. */
export async function readStandings(): Promise<Standings> {
  wakeStandings();
  return api!.read();
}

/** Starts the thread ahead of its first question. */
export function wakeStandings(): void {
  api ??= wrap<StandingsWorker>(
    new Worker(new URL('./standings.worker.ts', import.meta.url), { type: 'module' }),
  );
}
