import { addDays, parseISO, setHours } from 'date-fns';
import { loggedSession, type LoggedSession } from '../../domain/loggedSession';
import { passedTest } from '../../domain/observation';
import type { Inspection } from '../../domain/session';
import type { SharpnessTest } from '../../domain/terms';
import type { Trip } from '../../domain/trip';
import { nextTrip, openTrips, tripOf, tripPhase } from '../../domain/tripDays';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { doneOnTrip, forecastTrip, thingsCarried, tripProblem, workSpan } from '.';

const at = '2026-01-01T00:00:00.000Z';
const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;
const past = sample.trips.find(({ id }) => id === 'stane-bothy')!;

/** A moment on a day of the trip, by the clock of this machine. */
const onDay = (day: number, hour: number): string =>
  setHours(addDays(parseISO(trip.startsOn), day), hour).toISOString();

const tested = (toolId: string, zoneId: string, when: string, test: SharpnessTest): Inspection => ({
  ...sample.inspections[0]!,
  id: `${toolId} ${when}`,
  toolId,
  zoneId,
  at: when,
  tripId: trip.id,
  seen: { tests: [passedTest(test)], findings: [] },
});

function problemAt(now: string | undefined, change: Partial<Trip> = {}, looks: Inspection[] = []) {
  const judged = sampleStandings(looks);
  return tripProblem({
    trip: { ...trip, ...change },
    zones: judged.states,
    shelf: sample,
    hand: judged.hand,
    now,
    runs: 200,
    seed: 3,
  });
}

describe('where a trip stands', () => {
  it('is ahead, under way and over by its days', () => {
    expect(tripPhase(trip, onDay(-1, 23))).toBe('ahead');
    expect(tripPhase(trip, onDay(0, 1))).toBe('under way');
    expect(tripPhase(trip, onDay(4, 23))).toBe('under way');
    expect(tripPhase(trip, onDay(5, 1))).toBe('over');
  });

  it('has a tool on it only on its days, and only where it goes', () => {
    expect(tripOf(sample.trips, 'wren', onDay(2, 19))?.id).toBe('tarrow-ness');
    expect(tripOf(sample.trips, 'wren', onDay(-1, 19))).toBeNull();
    expect(tripOf(sample.trips, 'knap', onDay(2, 19))).toBeNull();
    const ruled = { ...trip, forbidden: [{ toolId: 'wren', rule: 'no points' }] };
    expect(tripOf([ruled], 'wren', onDay(2, 19))).toBeNull();
    const putAway = { ...trip, archivedAt: at };
    expect(tripOf([putAway], 'wren', onDay(2, 19))).toBeNull();
  });

  it('comes next where it is the first that has not ended', () => {
    expect(nextTrip(sample.trips, onDay(0, 9))?.id).toBe('tarrow-ness');
    expect(nextTrip(sample.trips, onDay(6, 9))).toBeUndefined();
    expect(openTrips(sample.trips).map(({ id }) => id)).toEqual([
      ...['stane-bothy', 'osier-cut', 'tarrow-ness'],
    ]);
  });
});

describe('a trip under way', () => {
  it('starts each edge as it was last seen, with the work after that ahead', () => {
    const look = tested('wren', 'edge', onDay(2, 20), 'shaves');
    const { edges } = problemAt(onDay(2, 21), {}, [look]);
    const wren = edges.find(({ toolId }) => toolId === 'wren')!;
    const hob = edges.find(({ toolId }) => toolId === 'old-hob')!;
    expect(wren.fromDay).toBe(3);
    expect(wren.startUm).toBeLessThan(wren.targetUm * 1.3);
    // Never seen since home: its days are still to be reckoned with, from how it left.
    expect(hob.fromDay).toBe(0);
    expect(hob.startUm).toBeGreaterThan(hob.targetUm * 2);
    const atHome = problemAt(undefined).edges.find(({ toolId }) => toolId === 'old-hob')!;
    expect(atHome.startUm).toBeLessThanOrEqual(hob.targetUm);
  });

  it('a look in the morning leaves that day ahead', () => {
    const look = tested('wren', 'edge', onDay(3, 7), 'shaves');
    const wren = problemAt(onDay(3, 8), {}, [look]).edges.find(({ toolId }) => toolId === 'wren')!;
    expect(wren.fromDay).toBe(3);
  });

  it('has no evening work on days that lie behind an edge', () => {
    const look = tested('wren', 'edge', onDay(2, 20), 'shaves');
    const own = problemAt(onDay(2, 21), {}, [look]);
    const wren = forecastTrip(own).edges.find(({ toolId }) => toolId === 'wren')!;
    wren.days.slice(0, 3).forEach((day) => {
      expect([day.hours, day.eveningMinutes.mean, day.midJobMinutes.mean]).toEqual([0, 0, 0]);
    });
    expect(wren.days[3]!.hours).toBe(3);
  });
});

describe('what is done for a trip', () => {
  const session = (change: Partial<LoggedSession>): LoggedSession => ({
    ...loggedSession(sample.sessions[0]!),
    toolId: 'wren',
    zoneId: 'edge',
    tripId: null,
    ...change,
  });
  const finished = (when: string, change: Partial<LoggedSession> = {}) =>
    session({ id: when, startedAt: when, finishedAt: when, ...change });

  it('stands before it, on its days and after it, as the log has it', () => {
    const done = doneOnTrip(trip, [
      finished(onDay(-2, 18)),
      finished(onDay(-30, 18)),
      finished(onDay(1, 20), { tripId: trip.id }),
      finished(onDay(1, 21)),
      finished(onDay(6, 18)),
      finished(onDay(-1, 18), { toolId: 'knap' }),
      finished(onDay(-1, 18), { finishedAt: null }),
    ]);
    expect(done.before.map(({ at: when }) => when)).toEqual([onDay(-2, 18)]);
    expect(done.out.map((lines) => lines.length)).toEqual([0, 1, 0, 0, 0]);
    expect(done.back).toHaveLength(1);
    const { from, to } = workSpan(trip);
    expect(from < onDay(-13, 1) && to > onDay(18, 20)).toBe(true);
  });

  it('names the heaviest rung', () => {
    const rungs = sample.sessions.map((own) => {
      const line = loggedSession({ ...own, toolId: 'wren' });
      const when = onDay(1, 20);
      const on = { ...line, startedAt: when, finishedAt: when, tripId: trip.id };
      return [own.steps, doneOnTrip(trip, [on]).out[1]![0]!.rung] as const;
    });
    for (const [steps, rung] of rungs) {
      const filed = steps.some(({ form, left }) => form === 'file' && left > 0);
      const stoned = steps.some(({ kind, left }) => kind === 'stone' && left > 0);
      expect(rung).toBe(filed ? 'file' : stoned ? 'stone' : 'strop');
    }
  });

  it('says what of the carried things the trip’s own entries were done with', () => {
    const sessions = sample.sessions.map(loggedSession);
    const fresh = { ...past, carried: past.carried.map((own) => ({ ...own, used: null })) };
    const used = thingsCarried(fresh, sample, sessions).filter((own) => own.used);
    expect(used.map(({ itemId }) => itemId).sort()).toEqual(['belt', 'pocket-plate', 'puck']);
    const all = thingsCarried({ ...past, carried: [] }, sample, []);
    expect(all.every(({ place, used: own }) => place !== 'workshop' && own === null)).toBe(true);
  });
});
