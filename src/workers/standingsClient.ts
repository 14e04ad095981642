import { wrap, type Remote } from 'comlink';
import type { Standings } from '../core';
import { STANDINGS_TABLES, type StandingsTable, type Table } from '../data';
import type { StandingsWorker } from './standings.worker';

let api: Remote<StandingsWorker> | null = null;
const changed = new Set<StandingsTable>();

/** Notes what was written; whether the standings follow from any of it. */
export function noteChanges(tables: readonly Table[]): boolean {
  const own = STANDINGS_TABLES.filter((table) => tables.includes(table));
  own.forEach((table) => changed.add(table));
  return own.length > 0;
}

/** Where everything stands now, read and judged in the worker. */
export async function readStandings(): Promise<Standings> {
  api ??= spawn();
  const since = [...changed];
  changed.clear();
  return api.read(since);
}

/** Starts the thread ahead of its first question. */
export function wakeStandings(): void {
  api ??= spawn();
}

function spawn(): Remote<StandingsWorker> {
  const worker = new Worker(new URL('./standings.worker.ts', import.meta.url), { type: 'module' });
  return wrap<StandingsWorker>(worker);
}
