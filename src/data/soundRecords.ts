import { uncomputable } from '../core/ladder';
import type { Tool } from '../domain/tool';
import { RECORD_SCHEMAS, type AllRecords } from '../domain/records';
import { STORE_NAMES, type StoreName } from '../domain/storeNames';
import type { Store } from './store';

/** Every record that a data file may hold, removed ones included, and how many were left out as damaged. */
export async function soundRecords(
  store: Pick<Store, 'whole' | 'log'>,
): Promise<{ records: AllRecords; leftOut: number }> {
  const all = await store.whole.readAll();
  const unread = [
    ...(await store.log.unread('sessions')),
    ...(await store.log.unread('inspections')),
  ];
  const damaged = new Set(unread.map((record) => (record as { id: string }).id));
  // What has a line was checked when it came in; a long log is not checked again.
  const isSound = (name: StoreName, record: AllRecords[StoreName][number]): boolean =>
    (name === 'sessions' || name === 'inspections') && record.deletedAt === null
      ? !damaged.has(record.id)
      : RECORD_SCHEMAS[name].isValidSync(record, { strict: true }) &&
        (name !== 'tools' || uncomputable(record as Tool) === null);
  let leftOut = 0;
  const records = Object.fromEntries(
    STORE_NAMES.map((name) => {
      const sound = (all[name] as AllRecords['tools']).filter((record) => isSound(name, record));
      leftOut += all[name].length - sound.length;
      return [name, sound];
    }),
  ) as unknown as AllRecords;
  return { records, leftOut };
}
