import { createChanges } from '../data/changes';
import { openDatabase } from '../data/database';
import { createStore, type Store } from '../data/store';

let count = 0;

/** A name that no other test's database has. */
export const freshName = (): string => `test-${(count += 1)}`;

/** A store on an empty database; or another tab's on the database of that name. */
export async function freshStore(name = freshName()): Promise<Store> {
  return createStore(await openDatabase({ name }), createChanges(name));
}

/** A moment after everything in the sample. */
export const later = '2030-01-01T00:00:00.000Z';
