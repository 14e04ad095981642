import { STORE_NAMES, type StoreName } from '../domain/storeNames';
import { createChanges, type Changes } from './changes';
import { openDatabase } from './database';
import type { Database } from './schema';
import { createLog, type Log } from './log';
import { createPast, type Past } from './past';
import { createRepository, type Repository } from './repository';
import { createSnapshot, type Snapshot } from './snapshot';
import { createValidity } from './validity';
import { createWholeData, type WholeData } from './wholeData';

/** Everything that screens may do with stored data. */
export type Store = { [S in StoreName]: Repository<S> } & {
  log: Log;
  snapshot: Snapshot;
  whole: WholeData;
  past: Past;
  changes: Changes;
};

export function createStore(
  database: Database,
  changes: Changes,
  validity = createValidity(),
): Store {
  const repositories = Object.fromEntries(
    STORE_NAMES.map((name) => [name, createRepository(database, changes, validity, name)]),
  ) as { [S in StoreName]: Repository<S> };
  const whole = createWholeData(database, changes, validity);
  return {
    ...repositories,
    log: createLog(database),
    snapshot: createSnapshot(database),
    whole,
    past: createPast(database, validity),
    changes,
  };
}

/** What an open database tells. */
export interface Heard {
  onOutdated?: () => void;
  onBlocked?: () => void;
}

/** Opens the browser's own database and its channel to other tabs, as a worker does. */
export async function openStore(heard: Heard = {}): Promise<Store> {
  const validity = createValidity();
  // The schemas load beside the opening; where they cannot, whoever waits for them hears why.
  validity().catch(() => {});
  const database = await openDatabase(heard);
  return createStore(database, createChanges(database.name), validity);
}
