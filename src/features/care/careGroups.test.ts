import type { CareRow } from '../../core';
import { careGroupReason, careGroupTitle, careDue } from '../../ui/words/careWords';
import { careGroups } from './careGroups';

const row = (change: Partial<CareRow>): CareRow => ({
  ...{ thingId: 'wren', name: 'Wren', doing: 'film', minutes: 1, goes: true },
  ...{ used: null, aWeek: null, hollowDeg: null, isClogged: false, freshLeft: null, lastAt: null },
  ...{ ownDueAt: null, dueAt: '2026-11-26T00:00:00.000Z', tripId: null, putOff: null },
  ...change,
});

it('the same work on several things for one day is one row, and what was put off stands alone', () => {
  const groups = careGroups([
    row({}),
    row({ thingId: 'plover', name: 'Plover', lastAt: '2026-10-01T10:00:00.000Z' }),
    row({ thingId: 'tern', name: 'Tern', putOff: { until: '2027-01-01', note: '' } }),
    row({ thingId: 'hob', name: 'Old Hob', dueAt: '2026-12-01T00:00:00.000Z' }),
    row({ thingId: 'puck', name: 'puck', doing: 'scrub' }),
    row({ thingId: 'rod', name: 'rod', doing: 'scrub' }),
  ]);
  expect(groups.map((group) => group.map(({ name }) => name))).toEqual([
    ['Wren', 'Plover'],
    ['Tern'],
    ['Old Hob'],
    ['puck'],
    ['rod'],
  ]);
  expect(careGroupTitle(groups[0]!)).toBe('Film of oil, wax or fat on 2 blades');
  expect(careGroupTitle(groups[1]!)).toBe('Film of oil, wax or fat on Tern');
  // Of several the one that was done longest ago is told.
  expect(careGroupReason(groups[0]!)).toBe('Wren and Plover. Nothing in the log yet.');
});

it('far days are words', () => {
  const now = new Date('2026-11-23T08:00:00.000Z');
  const due = (days: number): string =>
    careDue({ dueAt: new Date(now.getTime() + days * 86_400_000).toISOString() }, now);
  expect([-30, -1, 0, 1, 9, 90, 1000, 9000].map(due)).toEqual([
    ...['30 days over', 'today', 'today', 'tomorrow', 'in 9 days', 'in 3 months'],
    ...['in about 3 years', 'not in twenty years'],
  ]);
  expect(careDue({ dueAt: null }, now)).toBe('no date');
});
