import fc from 'fast-check';
import { sample } from '../testing/sample';
import { fieldChanges, reversed, withChanges } from './byField';

const bracken = sample.tools.find(({ id }) => id === 'bracken')!;
const trip = sample.trips.find(({ id }) => id === 'tarrow-ness')!;

/** Records with lists of all sorts: by id, of words, by place, and fields within fields. */
const records = fc.record({
  name: fc.constantFrom('a', 'b'),
  angle: fc.integer({ min: 10, max: 13 }),
  steel: fc.record({ low: fc.integer({ min: 50, max: 52 }), kind: fc.constantFrom('x', 'y') }),
  zones: fc.uniqueArray(
    fc.record({ id: fc.constantFrom('edge', 'chop', 'fine'), width: fc.nat(2) }),
    { selector: ({ id }) => id, maxLength: 3 },
  ),
  toolIds: fc.uniqueArray(fc.constantFrom('wren', 'tern', 'plover'), { maxLength: 3 }),
  findings: fc.array(fc.record({ kind: fc.constantFrom('chip', 'roll') }), { maxLength: 2 }),
  micro: fc.option(fc.record({ angle: fc.nat(2) })),
});

type Any = typeof records extends fc.Arbitrary<infer R> ? R : never;

/** An element that was taken out comes back at the end of its list. */
const inOrder = (own: Any): Any => ({
  ...own,
  zones: own.zones.toSorted((a, b) => a.id.localeCompare(b.id)),
  toolIds: own.toolIds.toSorted(),
});

describe('changes of fields', () => {
  it('made on what they were found in give what they lead to, and reversed what was before', () => {
    fc.assert(
      fc.property(records, records, (before, after) => {
        const changes = fieldChanges(before, after);
        const forth = withChanges(before, changes);
        expect(forth.clashes).toEqual([]);
        expect(inOrder(forth.record)).toEqual(inOrder(after));
        const back = withChanges(after, reversed(changes));
        expect(back.clashes).toEqual([]);
        expect(inOrder(back.record)).toEqual(inOrder(before));
      }),
    );
  });

  it('made twice change nothing more', () => {
    fc.assert(
      fc.property(records, records, (before, after) => {
        const changes = fieldChanges(before, after);
        const once = withChanges(before, changes).record;
        const twice = withChanges(once, changes);
        expect(twice.clashes).toEqual([]);
        expect(twice.record).toBe(once);
      }),
    );
  });

  it('of two hands add up, or clash where both changed one field, and a clash changes nothing', () => {
    fc.assert(
      fc.property(records, records, records, (base, mine, theirs) => {
        const changes = fieldChanges(base, mine);
        const { record, clashes } = withChanges(theirs, changes);
        const left = clashes.map(({ path }) => path.join('/'));
        const made = changes.filter(({ path }) => !left.includes(path.join('/')));
        // All that was made is there, and everything else is theirs.
        expect(withChanges(record, made).clashes).toEqual([]);
        for (const { path } of fieldChanges(theirs, record)) {
          expect(made.some((own) => path.join('/').startsWith(own.path.join('/')))).toBe(true);
        }
      }),
    );
  });

  it('name a stretch by its id, a day of work by tool, day and task, a tool by itself', () => {
    const [fine, chop] = bracken.zones;
    const steeper = { ...bracken, zones: [fine!, { ...chop!, bevelAngleDeg: 27 }] };
    expect(fieldChanges(bracken, steeper)).toEqual([
      { path: ['zones', `#${chop!.id}`, 'bevelAngleDeg'], from: chop!.bevelAngleDeg, to: 27 },
    ]);
    const [first, ...rest] = trip.work;
    const { toolId, day, taskId, hours } = first!;
    const more = { ...trip, work: [{ ...first!, hours: hours + 1 }, ...rest], toolIds: ['wren'] };
    const changes = fieldChanges(trip, more);
    expect(changes).toContainEqual({
      path: ['work', `#${toolId} ${day} ${taskId}`, 'hours'],
      from: hours,
      to: hours + 1,
    });
    expect(changes).toContainEqual({
      path: ['toolIds', '=tern'],
      from: 'tern',
      to: undefined,
      place: trip.toolIds.indexOf('tern'),
    });
    expect(fieldChanges(trip, { ...trip, updatedAt: '2030-01-01T00:00:00.000Z' })).toEqual([]);
  });
});

it('an outline is one thing: never half of one and half of another', () => {
  const [one, other] = ['M0,0L1,1Z', 'M0,0L2,2Z'].map((blade) => ({
    traced: { blade, widthMm: 4 },
  }));
  expect(fieldChanges(one, other)).toEqual([
    { path: ['traced'], from: one!.traced, to: other!.traced },
  ]);
  expect(fieldChanges(one, structuredClone(one))).toEqual([]);
  const { record } = withChanges({ traced: null }, fieldChanges({ traced: null }, other));
  expect(record).toEqual(other);
});
