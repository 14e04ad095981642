import { expose } from 'comlink';
import { array, string } from 'yup';
import { standings, type Standings } from '../core';
import {
  defaultSettings,
  openStore,
  STANDINGS_TABLES,
  type StandingsTable,
  type Store,
} from '../data';

const changedSchema = array(string().oneOf(STANDINGS_TABLES).required()).required();

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

/** What was read and has not changed since: a long log is read once. */
const known = new Map<StandingsTable, Promise<unknown>>();

let opened: Promise<Store> | null = null;

function read<T extends StandingsTable>(store: Store, table: T): ReturnType<(typeof READS)[T]> {
  const reading = known.get(table) ?? READS[table](store);
  known.set(table, reading);
  return reading as ReturnType<(typeof READS)[T]>;
}

/** Reads and judges the whole log in a thread of its own, that no screen waits for it. */
const api = {
  /** Where everything stands; `changed` names the tables that were written since the last time. */
  async read(changed: unknown): Promise<Standings> {
    for (const table of changedSchema.validateSync(changed)) known.delete(table);
    const store = await (opened ??= openStore());
    const revision = await store.snapshot.revision();
    const [tools, abrasives, strops, compounds, lubricants] = await Promise.all([
      read(store, 'tools'),
      read(store, 'abrasives'),
      read(store, 'strops'),
      read(store, 'compounds'),
      read(store, 'lubricants'),
    ]);
    const [settings] = await read(store, 'settings');
    const judged = standings({
      tools,
      shelf: { abrasives, strops, compounds, lubricants },
      sessions: await read(store, 'sessionLines'),
      inspections: await read(store, 'inspectionLines'),
      settings: settings ?? defaultSettings('1970-01-01T00:00:00.000Z'),
    });
    await store.snapshot.keep(revision, judged);
    return judged;
  },
};

export type StandingsWorker = typeof api;

expose(api);
