import { STORE_NAMES, type StoreName } from '../../domain/storeNames';
import type { AllRecords } from '../../domain/records';
import { writeBundle } from '../../formats/bundle';
import type { SaveState } from '../../live';

/** What is not saved, as a data file that can be imported like any other. */
export function unsavedFile(waiting: SaveState['waiting']): string {
  const of = (name: StoreName): unknown[] =>
    waiting.flatMap(({ store, after }) => (store === name && after !== undefined ? [after] : []));
  const records = Object.fromEntries(STORE_NAMES.map((name) => [name, of(name)]));
  return writeBundle(records as unknown as AllRecords, new Date().toISOString());
}
