import { careRow } from '../../testing/careRow';
import { addDays, addMinutes } from 'date-fns';
import fc from 'fast-check';
import { careRows, type CareRow } from '../../core/care';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { careDue, careGroupReason, careGroupTitle, careReason } from './careWords';

const now = new Date('2026-11-23T08:00:00.000Z');
const blank = careRow({ thingId: 'denim', name: 'denim on a board', doing: 'load', minutes: 2 });

describe('when care is due', () => {
  const due = (days: number) => careDue({ dueAt: addDays(now, days).toISOString() }, now);

  it('is said as people say it, far days by month and year', () => {
    expect([-40, -1, 0, 1, 59, 61, 400, 1000, 8000].map(due)).toEqual([
      ...['40 days over', 'today', 'today', 'tomorrow', 'in 59 days', 'in 2 months'],
      ...['in 13 months', 'in about 3 years', 'not in twenty years'],
    ]);
    expect(careDue({ dueAt: null }, now)).toBe('no date');
  });

  it('has words for every moment, and never a broken number', () => {
    fc.assert(
      fc.property(fc.integer({ min: -5_000_000, max: 50_000_000 }), (after) => {
        const words = careDue({ dueAt: addMinutes(now, after).toISOString() }, now);
        expect(words).toMatch(
          /^(today|tomorrow|\d+ days over|in (about )?\d+ (days|months|years)|not in twenty years)$/,
        );
      }),
    );
  });
});

describe('how a day of care follows', () => {
  it('counts what is used of a limit, whose limit it is, and the pace', () => {
    const used = { amount: 94, most: 150, unit: 'passes' as const, isUsual: true };
    expect(careReason({ ...blank, used, aWeek: 11.4 })).toBe(
      '94 passes of 150; you make 11 a week.',
    );
    expect(careReason({ ...blank, used: { ...used, isUsual: false }, aWeek: 0.3 })).toBe(
      '94 passes of 150, as you set it; you make 1 a week.',
    );
    expect(careReason({ ...blank, used })).toBe('94 passes of 150.');
  });

  it('says how many fresh ones lie by of what is used up', () => {
    const used = { amount: 300, most: 300, unit: 'strokes' as const, isUsual: true };
    const paper: CareRow = { ...blank, doing: 'next face', used, aWeek: 20 };
    expect(careReason({ ...paper, freshLeft: 3 })).toMatch(/you make 20 a week\. 3 fresh left\.$/);
    expect(careReason({ ...paper, doing: 'restock', freshLeft: 0 })).toMatch(/ No fresh left\.$/);
  });

  it('says what a look has found, and what a trip asks for', () => {
    expect(careReason({ ...blank, doing: 'flatten', hollowDeg: 0.76 })).toMatch(/drifts by 0\.8°/);
    expect(careReason({ ...blank, doing: 'scrub', isClogged: true })).toMatch(/^Loaded or glazed/);
    const days = { amount: 100, most: 90, unit: 'days' as const, isUsual: true };
    const haft: CareRow = { ...blank, doing: 'head and haft', used: days };
    expect(careReason(haft)).toBe('Nothing in the log yet; every 90 days.');
    expect(careReason({ ...haft, tripId: 'tarrow-ness' })).toMatch(/Before every trip\.$/);
    const film: CareRow = { ...haft, doing: 'film', tripId: 'tarrow-ness', lastAt: '2026-08-15' };
    expect(careReason(film)).toBe('Last on 15 Aug 2026; every 90 days. The trip needs it.');
  });

  it('knows the raisings of a hook that are left, and how seldom one is made', () => {
    const used = { amount: 1, most: 2, unit: 'raisings' as const, isUsual: true };
    const spine: CareRow = { ...blank, doing: 'file spine', used };
    expect(careReason({ ...spine, aWeek: 1 / 26 })).toBe(
      '1 re-raising left of 2, one in 6 months.',
    );
    expect(careReason({ ...spine, aWeek: 2 })).toMatch(/one in 1 month\.$/);
    expect(careReason({ ...spine, aWeek: 1 / 156 })).toMatch(/one in 3 years\.$/);
    expect(careReason(spine)).toMatch(/none made yet\.$/);
  });
});

describe('care of several things', () => {
  it('is one order with their names, by what was done longest ago', () => {
    const film: CareRow = { ...blank, doing: 'film', name: 'Wren', lastAt: '2026-09-01' };
    const older: CareRow = { ...film, name: 'Crook', lastAt: '2026-05-01' };
    expect(careGroupTitle([film])).toBe('Film of oil, wax or fat on Wren');
    expect(careGroupTitle([film, older])).toBe('Film of oil, wax or fat on 2 blades');
    expect(careGroupReason([film, older])).toBe('Wren and Crook. Last on 1 May 2026.');
  });

  it('of all that the sample crew owns is said in whole sentences', () => {
    const { surfaceUse } = sampleStandings();
    const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;
    const rows = careRows({
      tools: sample.tools,
      shelf: sample,
      surfaceUse,
      inspections: sample.inspections,
      care: sample.care,
      spines: new Map(),
      trips: [],
      trip,
      now: now.toISOString(),
    });
    expect(rows.length).toBeGreaterThan(20);
    for (const row of rows) {
      expect(careReason(row)).toMatch(/^[A-Z0-9].*\.$/);
      expect(`${careGroupTitle([row])} ${careReason(row)}`).not.toMatch(/NaN|null|undefined|  /);
    }
  });
});
