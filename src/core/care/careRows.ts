import { compareAsc, isAfter } from 'date-fns';
import type { Trip } from '../../domain/trip';
import { dayOfTrip, goesAlong, tripPhase } from '../../domain/tripDays';
import type { CareLog, CareRow } from './careRow';
import { stoneRows } from './stoneCare';
import { compoundRows, stropRows } from './stropCare';
import { toolRows } from './toolCare';

/** After everything that is due. */
const NEVER = '9999-12-31T00:00:00.000Z';

/** Everything that is due on tools, stones and strops, by use and by the calendar, the most pressing first. */
export function careRows(asked: CareLog): CareRow[] {
  const rows = [
    ...stoneRows(asked),
    ...stropRows(asked),
    ...compoundRows(asked),
    ...toolRows(asked),
  ];
  return rows.sort((a, b) => compareAsc(a.dueAt ?? NEVER, b.dueAt ?? NEVER));
}

/** Rows of what goes on a trip that are due by its morning, and not put off past it; none once it has begun. */
export function careBeforeTrip(rows: readonly CareRow[], trip: Trip, now: string): CareRow[] {
  if (tripPhase(trip, now) !== 'ahead') return [];
  const start = dayOfTrip(trip, 0).toISOString();
  return rows.filter(
    ({ goes, dueAt, putOff }) =>
      goes && dueAt !== null && !isAfter(dueAt, start) && !(putOff && isAfter(putOff.until, start)),
  );
}

/** Rows of what came back from a trip in wet or salt, and has had no film since. */
export function careAfterTrip(rows: readonly CareRow[], trip: Trip): CareRow[] {
  const lastDay = dayOfTrip(trip, trip.days - 1).toISOString();
  return rows.filter(
    ({ thingId, backFromWetAt }) => goesAlong(trip, thingId) && backFromWetAt === lastDay,
  );
}
