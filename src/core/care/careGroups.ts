import type { CareDoing } from '../../domain/care';
import { grouped } from '../grouped';
import type { CareRow } from './careRow';

/** What is done for several things as for one. */
const DONE_TOGETHER = [
  ...(['wax sheath', 'oil handle', 'head and haft', 'film', 'oil leather'] as const),
  'look at compound',
] as const satisfies readonly CareDoing[];
export type DoneTogether = (typeof DONE_TOGETHER)[number];

/** Rows that are done in one go: the same work on several things. */
export type CareGroup = [CareRow, ...CareRow[]];

/** Rows with their like that are due on the same day, in the order of the first of each. */
export function careGroups(rows: readonly CareRow[]): CareGroup[] {
  return [...grouped(rows, careGroupKey).values()] as CareGroup[];
}

/** Rows with their like whatever their day: a list that is done as a whole says each work once. */
export function careOrders(rows: readonly CareRow[]): CareGroup[] {
  const key = ({ doing, thingId }: CareRow): string =>
    isDoneTogether(doing) ? doing : `${doing} ${thingId}`;
  return [...grouped(rows, key).values()] as CareGroup[];
}

export function careGroupKey({ doing, thingId, dueAt, tripId, putOff, used }: CareRow): string {
  const isAlike = isDoneTogether(doing) && putOff === null && (used?.isUsual ?? true);
  return isAlike ? `${doing} ${dueAt?.slice(0, 10)} ${tripId}` : `${doing} ${thingId}`;
}

function isDoneTogether(doing: CareDoing): doing is DoneTogether {
  return (DONE_TOGETHER as readonly CareDoing[]).includes(doing);
}
