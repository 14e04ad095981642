import type { DBSchema, IDBPDatabase, IDBPTransaction } from 'idb';
import type { LogAnswers } from '../core/answers';
import type { Standings } from '../core/inspection';
import type { HistoryEntry } from '../domain/history';
import type { RecordOf } from '../domain/records';
import type { StoreName } from '../domain/storeNames';
import type { Lines, Table } from './lines';
import type { Revisions } from './standingsTables';

/** The standings as they were last judged. */
export interface StandingsRecord {
  id: 'standings';
  revisions: Revisions;
  /** Null from a write until they are judged again. */
  standings: Standings | null;
  /** The model that judged. */
  model?: string;
}

/** What the log answered last, under the key of all that it follows from. */
interface AnswersRecord {
  id: 'answers';
  key: string;
  answers: LogAnswers;
}

/** Everything in the database: records, the lines that follow from them, and what was computed of them last. */
type OpenTrailSchema = DBSchema & {
  [S in Exclude<StoreName, 'history'>]: { key: string; value: RecordOf<S> };
} & {
  history: { key: string; value: HistoryEntry; indexes: { recordId: string } };
} & {
  [L in keyof Lines]: {
    key: string;
    value: Lines[L];
    indexes: { toolId: string; startedAt: string };
  };
} & {
  snapshot: { key: string; value: StandingsRecord | AnswersRecord };
};

export type Database = IDBPDatabase<OpenTrailSchema>;

/** A transaction on records, with what follows from them. */
export type Transaction = IDBPTransaction<OpenTrailSchema, (Table | 'snapshot')[], 'readwrite'>;
