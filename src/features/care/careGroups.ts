import type { CareRow } from '../../core';
import { DONE_TOGETHER } from '../../ui/words/careWords';

/** Rows that are done in one go: the same work on several things, due on the same day. */
export type CareGroup = [CareRow, ...CareRow[]];

/** Rows with their like, in the order of the first of each. */
export function careGroups(rows: readonly CareRow[]): CareGroup[] {
  const groups = new Map<string, CareGroup>();
  for (const row of rows) {
    const key = groupKey(row);
    const own = groups.get(key);
    if (own) own.push(row);
    else groups.set(key, [row]);
  }
  return [...groups.values()];
}

export function groupKey({ doing, thingId, dueAt, tripId, putOff, used }: CareRow): string {
  const isAlike = DONE_TOGETHER.includes(doing) && putOff === null && (used?.isUsual ?? true);
  return isAlike ? `${doing} ${dueAt?.slice(0, 10)} ${tripId}` : `${doing} ${thingId}`;
}
