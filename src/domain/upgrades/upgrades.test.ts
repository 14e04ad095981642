import { RECORD_SCHEMAS, RECORDS_VERSION } from '../records';
import type { Session } from '../session';
import type { Tool } from '../tool';
import versionOne from '../../testing/versionOne.json';
import { UPGRADES, upgradeRecords } from './upgradeRecords';

describe('records of older versions', () => {
  it('have an upgrade to every version after the first', () => {
    expect(UPGRADES).toHaveLength(RECORDS_VERSION - 1);
  });

  it.each(['tools', 'sessions', 'inspections'] as const)('%s fit the present schema', (store) => {
    const upgraded = upgradeRecords(versionOne.records, 1)[store] as unknown[];
    expect(upgraded.length).toBeGreaterThan(0);
    for (const record of upgraded) {
      RECORD_SCHEMAS[store].validateSync(record, { strict: true });
    }
  });

  it('keep what they said: names, times, strokes, tests', () => {
    const before = versionOne.records.sessions[0]!;
    const [after] = upgradeRecords(versionOne.records, 1).sessions as (typeof before)[];
    expect(after!.startedAt).toBe(before.startedAt);
    expect(after!.steps.map(({ left, right }) => [left, right])).toEqual(
      before.steps.map(({ left, right }) => [left, right]),
    );
    expect(after!.after.tests[0]).toMatchObject(before.after.tests[0]!);
  });

  it('say that older sessions were touch-ups, on bodies that nobody noted', () => {
    const [session] = upgradeRecords(versionOne.records, 1).sessions as Session[];
    expect(session!.job).toBe('touch-up');
    expect(session!.steps.map(({ form }) => form)).toEqual(session!.steps.map(() => null));
  });

  it('say how heads are held, and take measures as they were last kept', () => {
    const tools = upgradeRecords(versionOne.records, 1).tools as Tool[];
    tools.forEach((tool) => {
      expect(tool.head).toBe(/axe|hatchet/.test(tool.kind) ? 'wedged head' : 'tang');
      tool.zones.forEach(({ measuredAt }) => expect(measuredAt).toBe(tool.updatedAt));
    });
  });

  it('of the present version stay as they are, and the upgrade changes nothing in place', () => {
    const copy = structuredClone(versionOne.records);
    expect(upgradeRecords(copy, RECORDS_VERSION)).toBe(copy);
    upgradeRecords(copy, 1);
    expect(copy).toEqual(versionOne.records);
  });
});
