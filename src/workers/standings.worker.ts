import { expose } from 'comlink';
import { standings, type Standings } from '../core';
import {
  defaultSettings,
  openStore,
  type Revisions,
  type StandingsTable,
  type Store,
} from '../data';

/** The ways to read each table. */
const READS = {
  tools: (store: Store) => store.tools.list(),
  abrasives: (store: Store) => store.abrasives.list(),
  strops: (store: Store) => store.strops.list(),
  compounds: (store: Store) => store.compounds.list(),
  lubricants: (store: Store) => store.lubricants.list(),
  settings: (store: Store) => store.settings.list(),
  sessionLines: (store: Store) => store.log.sessions(),
  inspectionLines: (store: Store) => store.log.inspections(),
} satisfies Record<StandingsTable, (store: Store) => Promise<unknown>>;

type Rows<T extends StandingsTable> = Awaited<ReturnType<(typeof READS)[T]>>;

/** Tables as they were read at a revision: a long log is not read again until it is written. */
const known = new Map<StandingsTable, { revision: number; rows: unknown }>();

let opened: Store | null = null;

async function read<T extends StandingsTable>(
  store: Store,
  revisions: Revisions,
  table: T,
): Promise<Rows<T>> {
  const revision = revisions[table] ?? 0;
  const last = known.get(table);
  if (last?.revision === revision) return last.rows as Rows<T>;
  const rows = await READS[table](store);
  known.set(table, { revision, rows });
  return rows as Rows<T>;
}

/** Reads and judges the whole log in a thread of its own, that no screen waits for it. */
const api = {
  /** Where everything stands now. */
  async read(): Promise<Standings> {
    const store = (opened ??= await openStore());
    // Asked for first: rows that are newer than their revision are read again, older ones never are.
    const revisions = await store.snapshot.revisions();
    const rows = <T extends StandingsTable>(table: T) => read(store, revisions, table);
    const [tools, abrasives, strops, compounds, lubricants] = await Promise.all([
      rows('tools'),
      rows('abrasives'),
      rows('strops'),
      rows('compounds'),
      rows('lubricants'),
    ]);
    const [settings] = await rows('settings');
    const judged = standings({
      tools,
      shelf: { abrasives, strops, compounds, lubricants },
      sessions: await rows('sessionLines'),
      inspections: await rows('inspectionLines'),
      settings: settings ?? defaultSettings('1970-01-01T00:00:00.000Z'),
    });
    await store.snapshot.keep(revisions, judged);
    return judged;
  },
};

export type StandingsWorker = typeof api;

expose(api);
