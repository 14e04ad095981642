import { addDays } from 'date-fns';
import fc from 'fast-check';
import { careRows, type CareRow } from '.';
import type { Care } from '../../domain/care';
import { dayOfTrip } from '../../domain/tripDays';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';

const now = '2026-11-23T08:00:00.000Z';
const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;
const { surfaceUse } = sampleStandings();
const asked = {
  tools: sample.tools,
  shelf: sample,
  surfaceUse,
  inspections: sample.inspections,
  care: sample.care,
  spines: new Map(),
  trips: [],
  trip: null,
  now,
};
const withCare = (...care: Care[]): CareRow[] =>
  careRows({ ...asked, care: [...sample.care, ...care] });
const same = (row: CareRow, rows: readonly CareRow[]): CareRow =>
  rows.find(({ thingId, doing }) => thingId === row.thingId && doing === row.doing)!;
const noted = (row: CareRow, change: Partial<Care>): Care => ({
  id: 'x',
  createdAt: now,
  updatedAt: now,
  deletedAt: null,
  thingId: row.thingId,
  doing: row.doing,
  kind: 'done',
  at: now,
  until: null,
  every: null,
  note: '',
  ...change,
});
const rows = careRows(asked);
const anyRow = fc.constantFrom(...rows.filter(({ used }) => used !== null));
/** Rows that strokes and passes bring nearer. */
const anyWorn = fc.constantFrom(
  ...rows.filter(({ used }) => used && ['strokes', 'passes'].includes(used.unit)),
);

/** The rows with all use of the shelf so many times what it is. */
const usedTimes = (times: number): CareRow[] =>
  careRows({
    ...asked,
    surfaceUse: new Map(
      [...surfaceUse].map(([id, use]) => [
        id,
        { uses: use.uses.map((each) => ({ ...each, strokes: each.strokes * times })) },
      ]),
    ),
  });

describe('the day of care, whatever is owned and done', () => {
  it('comes sooner the more a thing is used, by all of its use', () => {
    fc.assert(
      fc.property(anyWorn, fc.double({ min: 1, max: 20, noNaN: true }), (row, times) => {
        const more = same(row, usedTimes(times));
        expect(more.used!.amount).toBeGreaterThanOrEqual(row.used!.amount);
        // What lay untouched for ninety days has no pace, and no day.
        expect(more.aWeek === null).toBe(row.aWeek === null);
        expect(more.aWeek ?? 0).toBeCloseTo((row.aWeek ?? 0) * times, 5);
        if (row.ownDueAt) expect(more.ownDueAt! <= row.ownDueAt).toBe(true);
      }),
    );
  });

  it('counts from the moment that it was last done: nothing then, and each stroke after it', () => {
    fc.assert(
      fc.property(anyWorn, (row) => {
        const done = same(row, withCare(noted(row, { at: now })));
        expect(done.used!.amount).toBe(0);
        // A moment before its last use, that use alone stands.
        const uses = [...surfaceUse]
          .filter(([id]) => id === row.thingId || id.startsWith(`${row.thingId}/`))
          .flatMap(([, use]) => use.uses);
        const last = Math.max(...uses.map(({ atMs }) => atMs));
        const before = noted(row, { at: new Date(last - 1).toISOString() });
        const alone = careRows({ ...asked, care: [before] });
        const strokes = uses.filter(({ atMs }) => atMs === last).map((use) => use.strokes);
        const sum = strokes.reduce((all, each) => all + each, 0);
        expect(same(row, alone).used!.amount).toBe(sum);
      }),
      { numRuns: 20 },
    );
  });

  it('comes later the seldomer it is asked for, and nothing else moves', () => {
    fc.assert(
      fc.property(anyRow, fc.integer({ min: 1, max: 5000 }), (row, every) => {
        const set = withCare(noted(row, { kind: 'every', every }));
        const own = same(row, set);
        expect(own.used).toEqual({ ...row.used, most: every, isUsual: false });
        if (every >= row.used!.most) expect(own.ownDueAt! >= row.ownDueAt!).toBe(true);
        else expect(own.ownDueAt! <= row.ownDueAt!).toBe(true);
        const others = (all: readonly CareRow[]) =>
          all.filter((each) => each !== same(row, all)).map((each) => JSON.stringify(each));
        expect(others(set).sort()).toEqual(others(rows).sort());
      }),
    );
  });

  it('does not move where it is put off: that is said beside it, and is over by its day', () => {
    fc.assert(
      fc.property(anyRow, fc.integer({ min: 1, max: 200 }), (row, days) => {
        const until = addDays(now, days).toISOString();
        const late = noted(row, { kind: 'put off', until, note: 'no time' });
        const own = same(row, withCare(late));
        expect(own.ownDueAt).toBe(row.ownDueAt);
        expect(own.putOff).toEqual({ until, note: 'no time' });
        const then = addDays(now, days + 1).toISOString();
        const after = careRows({ ...asked, care: [...sample.care, late], now: then });
        expect(same(row, after).putOff).toBeNull();
      }),
    );
  });

  it('is only ever pulled nearer by a trip, and never past the day before it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 120 }), (inDays) => {
        const startsOn = addDays(now, inDays).toISOString().slice(0, 10);
        const ahead = { ...trip, startsOn };
        for (const row of careRows({ ...asked, trip: ahead })) {
          const alone = same(row, rows);
          if (row.tripId === null) {
            expect(row.dueAt).toBe(row.ownDueAt);
            continue;
          }
          expect(row.goes).toBe(true);
          expect(row.dueAt).toBe(addDays(dayOfTrip(ahead, 0), -1).toISOString());
          if (alone.ownDueAt !== null) expect(row.dueAt! < alone.ownDueAt).toBe(true);
        }
      }),
      { numRuns: 40 },
    );
  });

  it('stands in order, and every thing asks for each care once', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 10, noNaN: true }), (times) => {
        const all = usedTimes(times);
        const days = all.map(({ dueAt }) => dueAt ?? '9');
        expect(days).toEqual([...days].sort());
        const asked_ = all.map(({ thingId, doing }) => `${thingId} ${doing}`);
        expect(new Set(asked_).size).toBe(asked_.length);
      }),
      { numRuns: 40 },
    );
  });
});
