import fc from 'fast-check';
import { strokesSince } from '../log';
import { addDays } from 'date-fns';
import { careAfterTrip, careBeforeTrip, careRows, spineUse } from '.';
import type { Care } from '../../domain/care';
import { planSpine } from '../jobs';
import { abrasivesAtHand } from '../ladder';
import { finding } from '../../domain/observation';
import { benchWith } from '../../testing/bench';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';

const atBench = benchWith(abrasivesAtHand(sample));
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
  trip,
  now,
};
const rowOf = (rows: ReturnType<typeof careRows>, thingId: string, doing: string) =>
  rows.find((row) => row.thingId === thingId && row.doing === doing)!;
const entry = (change: Partial<Care>): Care => ({
  id: 'x',
  createdAt: now,
  updatedAt: now,
  deletedAt: null,
  thingId: 'bracken',
  doing: 'wax sheath',
  kind: 'done',
  at: now,
  until: null,
  every: null,
  note: '',
  ...change,
});

describe('what is due between trips', () => {
  const rows = careRows(asked);

  it('goes by use where it is counted by use: what is left, divided by the pace', () => {
    const load = rowOf(rows, 'denim', 'load');
    const { amount, most } = load.used!;
    expect(amount).toBe(strokesSince(surfaceUse.get('denim')!));
    const days = (Date.parse(load.ownDueAt!) - Date.parse(now)) / 86_400_000;
    // By its passes or by its days, whichever comes first.
    const byUse = (7 * (most - amount)) / load.aWeek!;
    const byDays = load.usedDays!.most - load.usedDays!.days;
    expect(days).toBeCloseTo(Math.min(byUse, byDays), -1);
  });

  it('goes by the calendar where it is not, from when it was last done', () => {
    const wax = rowOf(rows, 'bracken', 'wax sheath');
    expect(wax.ownDueAt).toBe(addDays('2026-04-25T10:30:00.000Z', 180).toISOString());
    expect(wax.dueAt! < now).toBe(true);
    // Never done: from when it was hung.
    expect(rowOf(rows, 'crook', 'film').lastAt).toBeNull();
  });

  it('asks for a film after a trip in wet or salt until one is in the log, and not again just before the next', () => {
    const over = { ...trip, id: 'over', startsOn: '2026-11-10', days: 3 };
    const back = { ...asked, trips: [over], care: [] };
    const film = rowOf(careRows(back), 'old-hob', 'film');
    expect(film.backFromWetAt).not.toBeNull();
    expect(careAfterTrip(careRows(back), over)).toContainEqual(film);
    const done = entry({ thingId: 'old-hob', doing: 'film', at: '2026-11-22T08:00:00.000Z' });
    const filmed = careRows({ ...back, care: [done] });
    expect(careAfterTrip(filmed, over).map(({ thingId }) => thingId)).not.toContain('old-hob');
    expect(careBeforeTrip(filmed, trip, now)).not.toContain(rowOf(filmed, 'old-hob', 'film'));
  });

  it('is pulled before a trip that wants it, and says its own day beside that', () => {
    const haft = rowOf(rows, 'old-hob', 'head and haft');
    expect(careBeforeTrip(rows, trip, now)).toContain(haft);
    const home = careRows({ ...asked, trip: null });
    expect(rowOf(home, 'old-hob', 'head and haft').tripId).toBeNull();
    const dry = careRows({ ...asked, trip: { ...trip, climate: ['dry'] } });
    expect(careBeforeTrip(dry, trip, now).length).toBeLessThanOrEqual(
      careBeforeTrip(rows, trip, now).length,
    );
  });

  it('is over once it is done, until its limit comes again', () => {
    fc.assert(
      fc.property(fc.constantFrom(...rows.filter(({ used }) => used !== null)), (row) => {
        const { thingId, doing } = row;
        const done = [...sample.care, entry({ thingId, doing })];
        const after = rowOf(careRows({ ...asked, care: done }), thingId, doing);
        expect(after.used!.amount).toBe(0);
        if (after.ownDueAt) expect(after.ownDueAt > now).toBe(true);
        if (after.used!.unit === 'days') {
          expect(after.ownDueAt).toBe(addDays(now, after.used!.most).toISOString());
        }
      }),
    );
  });

  it('waits where it is put off, with the reason, until something is done', () => {
    const until = addDays(now, 30).toISOString();
    const late = entry({ kind: 'put off', until, note: 'no wax in the house' });
    const put = careRows({ ...asked, care: [...sample.care, late] });
    const row = rowOf(put, 'bracken', 'wax sheath');
    expect(row.putOff).toEqual({ until, note: 'no wax in the house' });
    expect(careBeforeTrip(put, trip, now)).not.toContain(row);
    const since = entry({ id: 'y', at: addDays(now, 1).toISOString() });
    const again = careRows({ ...asked, care: [...sample.care, late, since] });
    expect(rowOf(again, 'bracken', 'wax sheath').putOff).toBeNull();
  });

  it('keeps to an interval that its owner has set', () => {
    const every = entry({ kind: 'every', every: 30 });
    const row = rowOf(
      careRows({ ...asked, care: [...sample.care, every] }),
      'bracken',
      'wax sheath',
    );
    expect(row.used).toMatchObject({ most: 30, isUsual: false });
  });

  it('flattens a stone by its hollow, and scrubs one that is clogged, at once', () => {
    const hollow = sample.abrasives.map((stone) =>
      stone.id === 'puck' ? { ...stone, dishMm: 1.5 } : stone,
    );
    const found = careRows({ ...asked, shelf: { ...sample, abrasives: hollow } });
    expect(rowOf(found, 'puck', 'flatten')).toMatchObject({ ownDueAt: now });
    expect(rowOf(found, 'puck', 'flatten').hollowDeg).toBeGreaterThan(0.5);
    expect(rowOf(rows, 'ceramic-rod', 'scrub')).toMatchObject({ isClogged: true, dueAt: now });
  });

  it('counts each face of a strop, turns to a fresh one, and lays in what is at its last', () => {
    const [denim] = sample.strops.filter(({ id }) => id === 'denim');
    const loaded = { surface: 'leather' as const, compoundId: 'crayon-1', loadedAt: null };
    const shelfWith = (freshLeft: number | null) => ({
      ...sample,
      strops: [{ ...denim!, freshLeft, otherFaces: [loaded] }],
    });
    const uses = {
      denim: { uses: [{ atMs: Date.parse('2026-09-01T00:00:00.000Z'), strokes: 90 }] },
      'denim/other': { uses: [{ atMs: Date.parse('2026-09-01T00:00:00.000Z'), strokes: 900 }] },
    };
    const of = (freshLeft: number | null) =>
      careRows({
        ...asked,
        care: [],
        surfaceUse: new Map(Object.entries(uses)),
        shelf: shelfWith(freshLeft),
      });
    expect(rowOf(of(2), 'denim/other', 'load').used).toMatchObject({ amount: 900, most: 400 });
    expect(rowOf(of(2), 'denim/other', 'load').dueAt! <= now).toBe(true);
    expect(rowOf(of(2), 'denim', 'next face').used!.amount).toBe(90);
    expect(rowOf(of(2), 'denim', 'next face').freshLeft).toBe(2);
    expect(rowOf(of(2), 'denim', 'load').freshLeft).toBeNull();
    expect(rowOf(of(0), 'denim', 'restock').freshLeft).toBe(0);
    expect(rowOf(of(0), 'denim', 'next face')).toBeUndefined();
    expect(rowOf(of(null), 'denim', 'clean strop').used!.most).toBe(800);
    expect(rowOf(of(null), 'denim', 'oil leather').used!.unit).toBe('days');
  });

  it('files a spine anew when its hook can be raised no more, at the pace of its log', () => {
    const bracken = sample.tools.find(({ id }) => id === 'bracken')!;
    const log = sample.sessions.filter(({ toolId }) => toolId === 'bracken');
    const use = spineUse(bracken, log, now, atBench)!;
    expect(use).toMatchObject({ raised: 1, most: 2 });
    const plan = planSpine({ ...atBench, tool: bracken, work: 'file it anew' });
    expect(use.minutes).toBeCloseTo(plan.minutes, 9);
    const row = rowOf(
      careRows({ ...asked, spines: new Map([['bracken', use]]) }),
      'bracken',
      'file spine',
    );
    expect(row.minutes).toBe(use.minutes);
    const weeks = (Date.parse(row.ownDueAt!) - Date.parse(now)) / (7 * 86_400_000);
    expect(weeks).toBeCloseTo(1 / use.aWeek, 0);
    const wren = sample.tools.find(({ id }) => id === 'wren')!;
    expect(spineUse(wren, log, now, atBench)).toBeNull();
    const unraised = spineUse(bracken, [], now, atBench)!;
    const idle = careRows({ ...asked, spines: new Map([['bracken', unraised]]) });
    expect(rowOf(idle, 'bracken', 'file spine').dueAt).toBeNull();
  });

  it('a tool that was found with rust wants its film now, until it has it', () => {
    const rusty = {
      ...sample.inspections[0]!,
      toolId: 'tern',
      at: '2026-10-01T10:00:00.000Z',
      seen: { tests: [], findings: [finding('rust', 20, 0)] },
    };
    const at = (care: typeof asked.care) =>
      rowOf(careRows({ ...asked, care, inspections: [rusty] }), 'tern', 'film');
    expect(at([])).toMatchObject({ rustAt: rusty.at, ownDueAt: now });
    const film = entry({ thingId: 'tern', doing: 'film', at: '2026-10-02T10:00:00.000Z' });
    expect(at([film])?.rustAt ?? null).toBeNull();
  });
});
