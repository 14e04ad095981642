import fc from 'fast-check';
import { openDB } from 'idb';
import { advance } from '../core';
import { STORE_NAMES } from '../domain/records';
import type { Session } from '../domain/session';
import { sample } from '../testing/sample';
import versionOne from '../testing/versionOne.json';
import { createChanges } from './changes';
import { openDatabase } from './database';
import { defaultSettings } from './defaultSettings';
import { reportingFailures, type FailedWrite } from './failedWrites';
import { mergeRecords } from './merge';
import { MIGRATIONS, type Migration } from './migrations';
import { loadSample, shiftDates, startEmpty } from './sampleData';
import { createStore, type Store } from './store';
import { findUnusable } from './unusable';
import type { Edit } from './wholeData';

let count = 0;
const freshName = (): string => `test-${(count += 1)}`;

async function freshStore(name = freshName()): Promise<Store> {
  return createStore(await openDatabase({ name }), createChanges(name));
}

const FIRST_STORES = ['tools', 'sessions', 'inspections'] as const;

const later = '2030-01-01T00:00:00.000Z';
const wren = sample.tools.find(({ id }) => id === 'wren')!;

describe('the database', () => {
  it('upgrades an older one and keeps its records', async () => {
    const name = freshName();
    const older = await openDatabase({ name });
    await older.put('tools', wren);
    older.close();
    const addNickname: Migration = async (_database, transaction) => {
      const tools = transaction.objectStore('tools');
      for (const tool of await tools.getAll()) await tools.put({ ...tool, nickname: 'small' });
    };
    const newer = await openDatabase({ name, migrations: [...MIGRATIONS, addNickname] });
    expect(newer.version).toBe(MIGRATIONS.length + 1);
    expect(await newer.getAll('tools')).toEqual([{ ...wren, nickname: 'small' }]);
    newer.close();
  });

  it('brings records of the first version into the present shapes', async () => {
    const name = freshName();
    const first = await openDatabase({ name, migrations: MIGRATIONS.slice(0, 1) });
    for (const store of FIRST_STORES) {
      for (const record of versionOne.records[store]) await first.put(store, record as never);
    }
    first.close();
    const store = await freshStore(name);
    const { records, damagedIds } = await store.tools.list();
    expect(damagedIds).toEqual([]);
    expect(records[0]).toMatchObject({
      name: 'Wren',
      steel: { hardnessLowHrc: 58, hardnessHighHrc: 58, stainless: 'no' },
      zones: [{ hollowRadiusMm: null }],
    });
    expect((await store.sessions.list()).damagedIds).toEqual([]);
    expect((await store.inspections.list()).records[0]!.checks.handle).toBeNull();
    await store.whole.replaceAll(await store.whole.readAll());
  });

  it('stays as it was when an upgrade fails', async () => {
    const name = freshName();
    const older = await openDatabase({ name });
    await older.put('tools', wren);
    older.close();
    const failing: Migration = async (_database, transaction) => {
      await transaction.objectStore('tools').clear();
      throw new Error('half-way');
    };
    await expect(openDatabase({ name, migrations: [...MIGRATIONS, failing] })).rejects.toThrow(
      'half-way',
    );
    const again = await openDatabase({ name });
    expect(await again.getAll('tools')).toEqual([wren]);
    again.close();
  });

  it('makes way for a newer version in another tab', async () => {
    const name = freshName();
    let outdated = false;
    await openDatabase({ name, onOutdated: () => (outdated = true) });
    const newer = await openDB(name, 99);
    expect(outdated).toBe(true);
    newer.close();
  });
});

describe('a repository', () => {
  it('keeps, changes, removes and restores', async () => {
    const { tools } = await freshStore();
    await tools.save(wren);
    expect((await tools.list()).records).toEqual([wren]);
    await tools.update('wren', (tool) => ({ ...tool, name: 'Wren II' }));
    expect((await tools.get('wren'))?.name).toBe('Wren II');
    await tools.remove('wren', later);
    expect((await tools.list()).records).toEqual([]);
    expect(await tools.get('wren')).toBeUndefined();
    await tools.restore('wren', later);
    expect((await tools.get('wren'))?.name).toBe('Wren II');
    expect(await tools.update('nobody', (tool) => tool)).toBeUndefined();
  });

  it('writes nothing that is not valid', async () => {
    const { tools } = await freshStore();
    await tools.save(wren);
    await expect(tools.save({ ...wren, bladeWidthMm: -1 })).rejects.toThrow('bladeWidthMm');
    await expect(tools.update('wren', (tool) => ({ ...tool, bladeWidthMm: NaN }))).rejects.toThrow(
      'bladeWidthMm',
    );
    expect(await tools.get('wren')).toEqual(wren);
  });

  it('passes over a damaged record and names it', async () => {
    const name = freshName();
    const store = await freshStore(name);
    await store.tools.save(wren);
    const raw = await openDB(name);
    await raw.put('tools', { id: 'broken', updatedAt: later });
    raw.close();
    expect(await store.tools.list()).toEqual({ records: [wren], damagedIds: ['broken'] });
  });

  it('adds up strokes that two tabs count at once', async () => {
    const name = freshName();
    const [one, two] = [await freshStore(name), await freshStore(name)];
    const session: Session = { ...sample.sessions[0]!, finishedAt: null, stepIndex: 0 };
    await one.sessions.save(session);
    const stroke = (s: Session): Session => advance(s, { type: 'stroke', at: later });
    await Promise.all(
      Array.from({ length: 20 }, (_, i) => (i % 2 ? one : two).sessions.update(session.id, stroke)),
    );
    const counted = await one.sessions.get(session.id);
    const side = session.side;
    expect(counted!.steps[0]![side]).toBe(session.steps[0]![side] + 20);
  });

  it('changes records of several stores together, or none of them', async () => {
    const store = await freshStore();
    const session = sample.sessions[0]!;
    await store.tools.save(wren);
    await store.sessions.save(session);
    const rename = (name: string): Edit => ({
      store: 'tools',
      id: 'wren',
      change: (tool) => ({ ...tool, name }),
    });
    const note = (id: string, notes: string): Edit => ({
      store: 'sessions',
      id,
      change: (present) => ({ ...present, notes }),
    });
    await store.whole.editTogether([rename('Wren II'), note(session.id, 'thinned')]);
    expect((await store.tools.get('wren'))!.name).toBe('Wren II');
    expect((await store.sessions.get(session.id))!.notes).toBe('thinned');

    const failing = [rename('Wren III'), note('nobody', 'lost')];
    await expect(store.whole.editTogether(failing)).rejects.toThrow('no nobody in sessions');
    const invalid = [note(session.id, 'lost'), rename('')];
    await expect(store.whole.editTogether(invalid)).rejects.toThrow('name');
    expect((await store.tools.get('wren'))!.name).toBe('Wren II');
    expect((await store.sessions.get(session.id))!.notes).toBe('thinned');
  });

  it('tells listeners what has changed', async () => {
    const store = await freshStore();
    const heard: string[] = [];
    const stop = store.changes.listen((names) => heard.push(...names));
    await store.tools.save(wren);
    stop();
    await store.tools.remove('wren', later);
    expect(heard).toEqual(['tools']);
  });
});

describe('the whole data', () => {
  it('comes in by one transaction, all or nothing', async () => {
    const { whole } = await freshStore();
    expect(await whole.isEmpty()).toBe(true);
    await whole.mergeIn(sample);
    const before = await whole.readAll();
    const bad = { ...sample, strops: [{ ...sample.strops[0]!, updatedAt: later, lengthMm: -1 }] };
    const newer = { ...bad, tools: sample.tools.map((t) => ({ ...t, updatedAt: later })) };
    await expect(whole.mergeIn(newer)).rejects.toThrow('lengthMm');
    await expect(whole.replaceAll(bad)).rejects.toThrow('lengthMm');
    expect(await whole.readAll()).toEqual(before);
  });

  it('is the sample crew, standing today, or nothing but settings', async () => {
    const store = await freshStore();
    const now = new Date('2027-03-05T10:00:00.000Z');
    await loadSample(store, now);
    const { trips, settings } = await store.whole.readAll();
    expect(trips[0]!.startsOn).toBe('2027-03-09');
    expect(settings[0]!.demoLoadedAt).toBe(now.toISOString());
    await startEmpty(store, now);
    const rest = await store.whole.readAll();
    expect(STORE_NAMES.filter((name) => rest[name].length > 0)).toEqual(['settings']);
    expect(rest.settings[0]).toEqual(defaultSettings(now.toISOString()));
  });

  it('shifts dates and nothing else', () => {
    const record = { at: '2026-03-28T10:00:00.000Z', on: '2026-12-31', name: '2026', n: 3 };
    const shifted = shiftDates(record, 1);
    expect(shifted).toMatchObject({ on: '2027-01-01', name: '2026', n: 3 });
    expect(shiftDates(shifted, -1)).toEqual(record);
  });
});

describe('a merge', () => {
  const versions = fc.uniqueArray(
    fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd'), day: fc.integer({ min: 1, max: 3 }) }),
    { selector: ({ id }) => id },
  );
  const records = versions.map((list) => ({
    ...Object.fromEntries(STORE_NAMES.map((name) => [name, []])),
    tools: list.map(({ id, day }) => ({ ...wren, id, updatedAt: `2026-01-0${day}T00:00:00.000Z` })),
  })) as unknown as fc.Arbitrary<typeof sample>;

  it('takes the newest of each, and a second time changes nothing', () => {
    fc.assert(
      fc.property(records, records, (present, incoming) => {
        const { winners, report } = mergeRecords(present, incoming);
        const { added, replaced, kept } = report.tools;
        expect(added + replaced + kept).toBe(incoming.tools.length);
        const merged = new Map(present.tools.map((tool) => [tool.id, tool]));
        for (const tool of winners.tools) merged.set(tool.id, tool);
        for (const tool of [...present.tools, ...incoming.tools]) {
          expect(merged.get(tool.id)!.updatedAt >= tool.updatedAt).toBe(true);
        }
        const after = { ...present, tools: [...merged.values()] };
        expect(mergeRecords(after, incoming).winners.tools).toEqual([]);
      }),
    );
  });
});

describe('a write that the browser refuses', () => {
  it('is told of, fails for the caller, and can be tried again as it was', async () => {
    const store = await freshStore();
    const failures: FailedWrite[] = [];
    let full = true;
    const tools: Store['tools'] = {
      ...store.tools,
      save: async (record) => {
        if (full) throw new DOMException('full', 'QuotaExceededError');
        await store.tools.save(record);
      },
    };
    const reporting = reportingFailures({ ...store, tools }, (failed) => failures.push(failed));
    await expect(reporting.tools.save(wren)).rejects.toThrow('full');
    expect(failures.map(({ error }) => error.name)).toEqual(['QuotaExceededError']);

    await expect(failures[0]!.retry()).rejects.toThrow('full');
    expect(failures).toHaveLength(2);
    full = false;
    await failures[1]!.retry();
    expect(await store.tools.get(wren.id)).toEqual(wren);
    expect(failures).toHaveLength(2);
  });

  it('is told of when a record is not valid, and nothing is written', async () => {
    const store = await freshStore();
    const failures: FailedWrite[] = [];
    const reporting = reportingFailures(store, (failed) => failures.push(failed));
    await expect(reporting.tools.save({ ...wren, name: '' })).rejects.toThrow();
    expect(failures.map(({ error }) => error.name)).toEqual(['ValidationError']);
    expect((await store.whole.readRaw('tools')).length).toBe(0);
  });
});

describe('a record that cannot be used', () => {
  const stone = sample.abrasives.find(({ faces }) => faces[0]!.grade.scale !== 'range')!;
  const beyond = {
    ...stone,
    name: 'Odd one',
    faces: [
      {
        ...stone.faces[0]!,
        grade: { ...stone.faces[0]!.grade, scale: 'cami' as const, number: 30000 },
      },
    ],
  };

  it('is named with its reason, and the sound ones are not', () => {
    const found = findUnusable('abrasives', [...sample.abrasives, beyond]);
    expect(found.map(({ name }) => name)).toEqual(['Odd one']);
    expect(found[0]!.why).toMatch(/^faces\[0\]\S* must be from 60 to 1200/);
    for (const store of ['tools', 'strops', 'compounds', 'lubricants', 'trips'] as const)
      expect(findUnusable(store, sample[store] as never)).toEqual([]);
  });

  it('is set aside as it is stored, and put back', async () => {
    const store = await freshStore();
    await store.whole.putRaw('abrasives', beyond);
    expect((await store.abrasives.list()).records).toEqual([]);
    await store.whole.putRaw('abrasives', { ...beyond, deletedAt: later });
    const aside = await store.whole.readRaw('abrasives');
    expect(aside).toEqual([{ ...beyond, deletedAt: later }]);
    expect(findUnusable('abrasives', aside)).toEqual([]);
    await store.whole.putRaw('abrasives', beyond);
    expect(findUnusable('abrasives', await store.whole.readRaw('abrasives'))).toHaveLength(1);
  });
});
