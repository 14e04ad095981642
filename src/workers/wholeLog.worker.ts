import { expose } from 'comlink';
import { logAnswers, type LogAnswers } from '../core/answers';
import { defaultSettings } from '../core/defaultSettings';
import { standings, type Standings } from '../core/inspection';
import { handOf, taughtThings, type TaughtThing } from '../core/log';
import { openStore, type Revisions, type StandingsTable, type Store } from '../data';

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
  practices: (store: Store) => store.practices.list(),
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

/** What standings and answers go by, as it is stored now. */
async function readAll(store: Store, revisions: Revisions) {
  const rows = <T extends StandingsTable>(table: T) => read(store, revisions, table);
  const [tools, abrasives, strops, compounds, lubricants] = await Promise.all([
    rows('tools'),
    rows('abrasives'),
    rows('strops'),
    rows('compounds'),
    rows('lubricants'),
  ]);
  const [settings] = await rows('settings');
  return {
    tools,
    shelf: { abrasives, strops, compounds, lubricants },
    sessions: await rows('sessionLines'),
    inspections: await rows('inspectionLines'),
    practices: await rows('practices'),
    settings: settings ?? defaultSettings('1970-01-01T00:00:00.000Z'),
  };
}

/** Reads and judges the whole log in a thread of its own, that no screen waits for it. */
const api = {
  /** Where everything stands now. */
  async standings(): Promise<Standings> {
    const store = (opened ??= await openStore());
    // Asked for first: rows that are newer than their revision are read again, older ones never are.
    const revisions = await store.snapshot.revisions();
    const judged = standings({
      ...(await readAll(store, revisions)),
      trips: await store.trips.list(),
    });
    await store.snapshot.keep(revisions, judged);
    return judged;
  },
  /** What the log has taught of every thing on the shelf, and from how many touch-ups. */
  async taught(): Promise<{ things: TaughtThing[]; finished: number }> {
    const store = (opened ??= await openStore());
    const kept = await store.snapshot.read();
    const { hardness } = kept?.isCurrent ? kept.standings : await api.standings();
    const revisions = await store.snapshot.revisions();
    const everything = await readAll(store, revisions);
    const { forgotten } = everything.settings;
    const finished = everything.sessions.filter(({ finishedAt }) => finishedAt !== null).length;
    return { things: taughtThings({ ...everything, hardness, forgotten }), finished };
  },
  /** What the log answers by now, an ISO 8601 moment. */
  async answers(now: string): Promise<LogAnswers> {
    const store = (opened ??= await openStore());
    const revisions = await store.snapshot.revisions();
    const trips = await store.trips.list();
    const kept = await store.snapshot.answers({ revisions, trips, now });
    if (kept) return kept;
    const everything = await readAll(store, revisions);
    const { strokesPerMinute: pace, forgotten, person } = everything.settings;
    const hand = handOf({ ...everything, trips, pace, forgotten, practisedBy: person });
    const answers = logAnswers({ ...everything, trips, hand, forgotten, now });
    // For the next time only: where nothing more can be kept, what was read still answers.
    store.snapshot.keepAnswers({ revisions, trips, now }, answers).catch(() => undefined);
    return answers;
  },
};

export type WholeLogWorker = typeof api;

expose(api);
