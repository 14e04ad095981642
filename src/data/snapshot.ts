import type { LogAnswers } from '../core/answers';
import type { Standings } from '../core/inspection';
import type { Trip } from '../domain/trip';
import { isSame } from './isSame';
import type { Table } from './lines';
import type { Database, StandingsRecord, Transaction } from './schema';
import { standingsTablesIn, type Revisions } from './standingsTables';

/** The model that judges: see next.config.ts. */
const MODEL_ID = process.env.MODEL_ID ?? '';

export interface KeptStandings {
  standings: Standings;
  /** Whether they hold everything that is written, as this model judges it. */
  isCurrent: boolean;
}

/**
 * The standings as they were last judged, kept so that a screen shows them at once. Every write of
 * what they follow from moves the revision of its table on in its own transaction, and a snapshot of
 * older revisions is no longer one.
 */
export interface Snapshot {
  /** The standings of the present revisions; null where they are not judged yet. */
  read(): Promise<KeptStandings | null>;
  revisions(): Promise<Revisions>;
  /** Keeps standings that were judged at these revisions, unless something has been written since. */
  keep(revisions: Revisions, standings: Standings): Promise<void>;
  /** What the log answered last; null where it follows from something else by now, or another model read it. */
  answers(from: AnswersFrom): Promise<LogAnswers | null>;
  keepAnswers(from: AnswersFrom, answers: LogAnswers): Promise<void>;
}

/** What the answers of the log follow from. */
interface AnswersFrom {
  revisions: Revisions;
  trips: readonly Pick<Trip, 'id' | 'updatedAt'>[];
  /** ISO 8601; answers are those of a day. */
  now: string;
}

function answersKey({ revisions, trips, now }: AnswersFrom): string {
  const written = trips.map(({ id, updatedAt }) => [id, updatedAt]);
  return JSON.stringify([MODEL_ID, now.slice(0, 10), revisions, written]);
}

export function createSnapshot(database: Database): Snapshot {
  const present = () => standingsIn(database.get('snapshot', 'standings'));
  return {
    async read() {
      const { standings = null, model } = (await present()) ?? {};
      return standings && { standings, isCurrent: model === MODEL_ID };
    },
    revisions: async () => (await present())?.revisions ?? {},
    async keep(revisions, standings) {
      const { store, done } = database.transaction('snapshot', 'readwrite');
      const stands = (await standingsIn(store.get('standings')))?.revisions ?? {};
      if (isSame(stands, revisions)) {
        await store.put({ id: 'standings', revisions, standings, model: MODEL_ID });
      }
      await done;
    },
    async answers(from) {
      const kept = await database.get('snapshot', 'answers');
      return kept?.id === 'answers' && kept.key === answersKey(from) ? kept.answers : null;
    },
    async keepAnswers(from, answers) {
      await database.put('snapshot', { id: 'answers', key: answersKey(from), answers });
    },
  };
}

/** The record of the standings, which is the one under its id. */
async function standingsIn(
  found: Promise<StandingsRecord | { id: 'answers' } | undefined>,
): Promise<StandingsRecord | undefined> {
  const record = await found;
  return record?.id === 'standings' ? record : undefined;
}

/** Moves the revisions on of those of these tables that the standings follow from. */
export async function moveRevisions(
  transaction: Transaction,
  changed: ReadonlySet<Table>,
): Promise<void> {
  const moved = standingsTablesIn(changed);
  if (moved.length === 0) return;
  const store = transaction.objectStore('snapshot');
  const revisions = { ...(await standingsIn(store.get('standings')))?.revisions };
  for (const table of moved) revisions[table] = (revisions[table] ?? 0) + 1;
  await store.put({ id: 'standings', revisions, standings: null });
}
