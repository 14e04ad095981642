import { addMilliseconds } from 'date-fns';
import type { Act, Written } from './act';
import type { Store } from './store';

/**
 * An act that moves every entry that is dated later than a moment by so many milliseconds: touch-ups with all
 * their steps, looks, and care that was done.
 */
export async function shiftedEntries(
  store: Pick<Store, 'log' | 'sessions' | 'inspections' | 'care'>,
  from: string,
  ms: number,
): Promise<Act> {
  const far = '9999-12-31T23:59:59.999Z';
  const sessions = await store.log.between(from, far);
  const looks = (await store.log.inspections()).filter(({ at }) => at > from);
  const care = (await store.care.list()).filter(({ at }) => at > from);
  const found: [Written['store'], { id: string } | undefined][] = [
    ...(await Promise.all(
      sessions.map(async ({ id }) => ['sessions', await store.sessions.get(id)] as const),
    )),
    ...(await Promise.all(
      looks.map(async ({ id }) => ['inspections', await store.inspections.get(id)] as const),
    )),
    ...care.map((record) => ['care', record] as const),
  ].map(([name, record]) => [name, record]);
  return found.flatMap(([name, record]) =>
    record
      ? [{ store: name, id: record.id, before: record, after: shifted(record, ms, from) }]
      : [],
  );
}

/** A record with every moment in it that is later than `from` moved; the rest as it is. */
function shifted<T>(value: T, ms: number, from: string): T {
  if (typeof value === 'string') {
    const isLater = /^\d{4}-\d{2}-\d{2}T[\d:.]+Z$/.test(value) && value > from;
    return isLater ? (addMilliseconds(value, ms).toISOString() as T) : value;
  }
  if (Array.isArray(value)) return value.map((each: unknown) => shifted(each, ms, from)) as T;
  if (typeof value === 'object' && value !== null) {
    const fields = Object.entries(value).map(([name, each]) => [name, shifted(each, ms, from)]);
    return Object.fromEntries(fields) as T;
  }
  return value;
}
