import { sum } from 'd3-array';
import { subDays } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Trip } from '../../domain/trip';
import { dayOfTrip, tripDayOf } from '../../domain/tripDays';
import { heaviestRung } from './heaviestRung';
import type { RungOut } from './types';

/** Work counts as done for a trip from so long before it, and on return up to so long after it. */
const FORTNIGHT_DAYS = 14;

/** Work of a trip that stands in the log. */
export interface DoneLine {
  sessionId: string;
  toolId: string;
  zoneId: string;
  at: string;
  rung: RungOut;
  minutes: number;
}

export interface DoneOnTrip {
  before: DoneLine[];
  /** By day. */
  out: DoneLine[][];
  back: DoneLine[];
}

/** The log's entries of the tools of a trip: in the fortnight before it, on its days, and after it. */
export function doneOnTrip(
  trip: Pick<Trip, 'id' | 'startsOn' | 'days' | 'toolIds'>,
  sessions: readonly LoggedSession[],
): DoneOnTrip {
  const done: DoneOnTrip = {
    before: [],
    out: Array.from({ length: trip.days }, () => []),
    back: [],
  };
  for (const session of sessions) {
    const { finishedAt, toolId, tripId } = session;
    if (finishedAt === null || !trip.toolIds.includes(toolId)) continue;
    const day = tripDayOf(trip, finishedAt);
    const line = doneLine(session, finishedAt);
    if (day < 0 && day >= -FORTNIGHT_DAYS) done.before.push(line);
    else if (day >= 0 && day < trip.days && tripId === trip.id) done.out[day]!.push(line);
    else if (day >= trip.days && day < trip.days + FORTNIGHT_DAYS) done.back.push(line);
  }
  return done;
}

/** The moments that the work of a trip lies between; ISO 8601. */
export function workSpan(trip: Pick<Trip, 'startsOn' | 'days'>): { from: string; to: string } {
  return {
    from: subDays(dayOfTrip(trip, 0), FORTNIGHT_DAYS).toISOString(),
    to: dayOfTrip(trip, trip.days + FORTNIGHT_DAYS).toISOString(),
  };
}

function doneLine({ id, toolId, zoneId, steps }: LoggedSession, at: string): DoneLine {
  const worked = steps.filter(isWorked);
  return {
    sessionId: id,
    toolId,
    zoneId,
    at,
    rung: heaviestRung(worked),
    minutes: sum(worked, ({ activeSeconds }) => activeSeconds) / 60,
  };
}
