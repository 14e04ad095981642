import { RECORD_SCHEMAS, RECORDS_VERSION } from '../records';
import type { Session } from '../session';
import type { Tool } from '../tool';
import versionOne from '../../testing/versionOne.json';
import { UPGRADES } from './upgradeRecords';

type Loose = Record<string, unknown>;

/** The first version's records of one store in the present shapes. */
function present(store: keyof typeof versionOne.records): Loose[] {
  return versionOne.records[store].map((record) =>
    UPGRADES.reduce((older, { records }) => {
      const step = records[store];
      step?.from.validateSync(older, { strict: true });
      return step ? step.upgrade(older) : older;
    }, record as Loose),
  );
}

describe('records of older versions', () => {
  it('have an upgrade to every version after the first', () => {
    expect(UPGRADES).toHaveLength(RECORDS_VERSION - 1);
  });

  it.each(['tools', 'sessions', 'inspections'] as const)('%s fit the present schema', (store) => {
    const upgraded = present(store);
    expect(upgraded.length).toBeGreaterThan(0);
    for (const record of upgraded) {
      RECORD_SCHEMAS[store].validateSync(record, { strict: true });
    }
  });

  it('keep what they said: names, times, strokes, tests', () => {
    const before = versionOne.records.sessions[0]!;
    const [after] = present('sessions') as unknown as (typeof before)[];
    expect(after!.startedAt).toBe(before.startedAt);
    expect(after!.steps.map(({ left, right }) => [left, right])).toEqual(
      before.steps.map(({ left, right }) => [left, right]),
    );
    expect(after!.after.tests[0]).toMatchObject(before.after.tests[0]!);
  });

  it('say that older sessions were touch-ups, on bodies that nobody noted', () => {
    const [session] = present('sessions') as unknown as Session[];
    expect(session!.job).toBe('touch-up');
    expect(session!.steps.map(({ form }) => form)).toEqual(session!.steps.map(() => null));
  });

  it('say that nobody noted after how many strokes an edge was tested', () => {
    const [session] = present('sessions') as unknown as Session[];
    expect(session!.after.tests.map(({ strokes }) => strokes)).toContain(null);
    session!.steps.forEach((step) => expect(step).toMatchObject({ inkChecks: [], skipped: null }));
  });

  it('say how heads are held, and take measures as they were last kept', () => {
    const tools = present('tools') as unknown as Tool[];
    tools.forEach((tool) => {
      expect(tool.head).toBe(/axe|hatchet/.test(tool.kind) ? 'wedged head' : 'tang');
      tool.zones.forEach(({ measuredAt }) => expect(measuredAt).toBe(tool.updatedAt));
    });
  });

  it('say of things on the shelf what nobody noted, and that an oil stone had oil', () => {
    const at = '2026-01-01T00:00:00.000Z';
    const kept = { id: 'x', createdAt: at, updatedAt: at, deletedAt: null, notes: '' };
    const thing = { ...kept, name: 'x', massG: 60, place: 'pouch', carriedAnyway: false };
    const grade = { scale: 'micron', number: 9, named: null, finestUm: null, coarsestUm: null };
    const stone = {
      ...thing,
      ...{ form: 'plate', lengthMm: 85, widthMm: 54, dishMm: 0, lubricants: ['oil', 'fat'] },
      faces: [{ id: 'a', name: 'a', family: 'alumina', grade, state: 'normal' }],
    };
    const strop = {
      ...thing,
      ...{ surface: 'cloth', backing: 'slack', lengthMm: 500, compoundId: null },
    };
    const upgraded = { abrasives: stone, strops: strop, compounds: { ...thing, sizeUm: 1 } };
    for (const store of ['abrasives', 'strops', 'compounds'] as const) {
      const { from, upgrade } = UPGRADES[5]!.records[store]!;
      from.validateSync(upgraded[store], { strict: true });
      const record = upgrade(upgraded[store]);
      expect(() => RECORD_SCHEMAS[store].validateSync(record, { strict: true })).not.toThrow();
    }
    const { upgrade } = UPGRADES[5]!.records.abrasives!;
    expect(upgrade(stone)).toMatchObject({ usedWithOil: true, thicknessMm: null });
    expect(upgrade({ ...stone, lubricants: ['oil', 'water'] })).toMatchObject({
      usedWithOil: false,
    });
    expect(UPGRADES[5]!.records.strops!.upgrade(strop)).toMatchObject({ form: 'hanging-strop' });
  });

  it('give an older trip usual ways and no work, and keep what it said', () => {
    const at = '2026-01-01T00:00:00.000Z';
    const older = {
      ...{ id: 't', createdAt: at, updatedAt: at, deletedAt: null },
      ...{ name: 'Tarrow Ness', startsOn: '2026-11-27', days: 5, toolIds: ['wren'], notes: 'wet' },
      ...{ minutesPerTouchUp: 20, chipDepthMm: 0.2 },
    };
    const upgraded = UPGRADES.slice(5).reduce((trip, { records }) => {
      records.trips!.from.validateSync(trip, { strict: true });
      return records.trips!.upgrade(trip);
    }, older as Loose);
    RECORD_SCHEMAS.trips.validateSync(upgraded, { strict: true });
    expect(upgraded).toMatchObject({ ...older, work: [], carried: [], archivedAt: null });
  });

  it('change nothing in place', () => {
    const copy = structuredClone(versionOne.records);
    present('tools');
    present('sessions');
    expect(copy).toEqual(versionOne.records);
  });

  it('refuse an older record that they cannot read, in words that name the field', () => {
    const [{ records }] = UPGRADES as [(typeof UPGRADES)[number]];
    const { from } = records.sessions!;
    for (const odd of [null, 7, [], {}, { before: 'x', after: null, steps: [null] }])
      expect(() => from.validateSync(odd, { strict: true })).toThrow(/this|before|after|steps/);
  });
});
