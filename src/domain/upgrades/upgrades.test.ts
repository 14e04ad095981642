import versionEight from '../../testing/versionEight.json';
import { RECORD_SCHEMAS, RECORDS_VERSION } from '../records';
import type { Session } from '../session';
import { FIRST_VERSION } from './firstVersion';
import { recordToVersion14 } from './toVersion14';
import { photoToVersion15, practiceToVersion15, toolToVersion15 } from './toVersion15';
import { UPGRADES, upgradesFrom } from './upgradeRecords';

type Loose = Record<string, unknown>;
type Store = keyof typeof versionEight.records;

/** The first version's records of one store in the present shapes. */
function present(store: Store): Loose[] {
  return (versionEight.records[store] as Loose[]).map((record) =>
    upgradesFrom(FIRST_VERSION).reduce((older, { records }) => {
      const step = records[store];
      step?.from.validateSync(older, { strict: true });
      return step ? step.upgrade(older) : older;
    }, record),
  );
}

describe('records of older versions', () => {
  it('have an upgrade to every version after the first', () => {
    expect(UPGRADES).toHaveLength(RECORDS_VERSION - FIRST_VERSION);
    expect(upgradesFrom(RECORDS_VERSION)).toEqual([]);
  });

  it.each(Object.keys(versionEight.records) as Store[])('%s fit the present schema', (store) => {
    for (const record of present(store)) {
      RECORD_SCHEMAS[store].validateSync(record, { strict: true });
    }
  });

  it('keep what they said: names, times, strokes, tests', () => {
    const before = versionEight.records.sessions;
    present('sessions').forEach((after, i) => {
      const { steps, zoneAfter, ...rest } = before[i]!;
      expect(after).toMatchObject({ ...rest, steps });
      const left = (after as unknown as Session).steps.flatMap((step) => step.zoneAfter ?? []);
      expect(left).toEqual(zoneAfter ? [{ ...(zoneAfter as Loose), angleErrorDeg: null }] : []);
    });
  });

  it('know what the model alone had counted, and not in which hardness', () => {
    const sessions = present('sessions') as unknown as Session[];
    const steps = sessions.flatMap((session) => session.steps);
    expect(steps.some(({ baseline }) => baseline)).toBe(true);
    for (const { baseline, task, plannedPerSide, learnedFactor } of steps) {
      if (!baseline) expect(task).toMatch(/hook|spine|turned|arc/);
      else {
        expect(baseline.strokes * learnedFactor).toBeCloseTo(2 * plannedPerSide, 6);
        expect(baseline.hardnessHrc).toBeNull();
      }
    }
    expect(sessions.every(({ person }) => person === null)).toBe(true);
  });

  it('say of every zone, wherever it stands, that the error of its angle is not known', () => {
    const zone = { angleMethod: 'stated', bevelAngleDeg: 20 };
    const entry = { changes: [{ path: ['zones', 'edge'], from: zone, to: null }], of: [[zone]] };
    expect(recordToVersion14(entry)).toEqual({
      changes: [{ path: ['zones', 'edge'], from: { ...zone, angleErrorDeg: null }, to: null }],
      of: [[{ ...zone, angleErrorDeg: null }]],
    });
    const known = { ...zone, angleErrorDeg: 0.3 };
    expect(recordToVersion14(known)).toEqual(known);
  });

  it('say nothing of what only later versions ask: outline, entry and scale of a picture, lift at the belly', () => {
    expect(toolToVersion15({ name: 'Wren' })).toEqual({ name: 'Wren', traced: null });
    expect(photoToVersion15({ id: 'p' })).toEqual({
      id: 'p',
      entry: null,
      stage: null,
      scale: null,
    });
    expect(practiceToVersion15({ id: 'lath' })).toEqual({ id: 'lath', bellyLift: null });
  });

  it('change nothing in place', () => {
    const copy = structuredClone(versionEight.records);
    present('sessions');
    expect(versionEight.records).toEqual(copy);
  });

  it('refuse an older record that they cannot read, in words that name the field', () => {
    const { from } = UPGRADES[0]!.records.sessions!;
    for (const odd of [null, 7, [], {}, { steps: [null] }, { steps: [{ plannedPerSide: 'x' }] }])
      expect(() => from.validateSync(odd, { strict: true })).toThrow(/this|steps/);
  });
});
