import { careRow } from '../../testing/careRow';
import { careGroups, careOrders, type CareGroup, type CareRow } from '.';

const row = (change: Partial<CareRow>): CareRow =>
  careRow({ dueAt: '2026-11-26T00:00:00.000Z', ...change });

const names = (groups: readonly CareGroup[]): string[][] =>
  groups.map((group) => group.map(({ name }) => name));
const rows = [
  row({}),
  row({ thingId: 'plover', name: 'Plover', lastAt: '2026-10-01T10:00:00.000Z' }),
  row({ thingId: 'tern', name: 'Tern', putOff: { until: '2027-01-01', note: '' } }),
  row({ thingId: 'hob', name: 'Old Hob', dueAt: '2026-12-01T00:00:00.000Z' }),
  row({ thingId: 'puck', name: 'puck', doing: 'scrub' }),
  row({ thingId: 'rod', name: 'rod', doing: 'scrub' }),
];

it('the same work on several things for one day is one row, and what was put off stands alone', () => {
  const groups = careGroups(rows);
  expect(names(groups)).toEqual([['Wren', 'Plover'], ['Tern'], ['Old Hob'], ['puck'], ['rod']]);
});

it('a list that is done as a whole says each work once, whatever the days', () => {
  expect(names(careOrders(rows))).toEqual([
    ['Wren', 'Plover', 'Tern', 'Old Hob'],
    ['puck'],
    ['rod'],
  ]);
});
