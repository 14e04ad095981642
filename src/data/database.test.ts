import { openDB } from 'idb';
import { advance } from '../core/touchUp';
import type { Session } from '../domain/session';
import { sample } from '../testing/sample';
import { freshName, freshStore, later } from '../testing/stores';
import { FIRST_VERSION } from '../domain/upgrades/firstVersion';
import versionEight from '../testing/versionEight.json';
import { DATABASE_VERSION, openDatabase } from './database';
import { migrate, MIGRATIONS, type Migration } from './migrations';
import { findUnusable } from './unusable';
import type { Edit } from './wholeData';

const FIRST_STORES = ['tools', 'sessions', 'inspections'] as const;
const wren = sample.tools.find(({ id }) => id === 'wren')!;

describe('the database', () => {
  it('has a migration to every version', () => {
    expect(MIGRATIONS).toHaveLength(DATABASE_VERSION - FIRST_VERSION);
  });

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
    expect(newer.version).toBe(DATABASE_VERSION + 1);
    expect(await newer.getAll('tools')).toEqual([{ ...wren, nickname: 'small' }]);
    newer.close();
  });

  it('brings records of the first version into the present shapes', async () => {
    const name = freshName();
    const first = await openDatabase({ name, migrations: [] });
    for (const store of FIRST_STORES) {
      for (const record of versionEight.records[store]) await first.put(store, record as never);
    }
    first.close();
    const store = await freshStore(name);
    expect((await store.tools.list()).map(({ name: own }) => own)).toContain('Wren');
    expect(await store.log.unread('sessions')).toEqual([]);
    const steps = (await store.log.sessions()).flatMap((session) => session.steps);
    expect(steps.filter(({ baseline }) => baseline?.hardnessHrc === null).length).toBeGreaterThan(
      0,
    );
    expect(await store.log.sessions()).toHaveLength(versionEight.records.sessions.length);
    await store.whole.replaceAll(await store.whole.readAll());
  });

  it('leaves data of a trial version alone, and says so', async () => {
    const name = freshName();
    const trial = await openDB(name, 3, { upgrade: (old) => void old.createObjectStore('tools') });
    trial.close();
    await expect(openDatabase({ name })).rejects.toThrow('trial version');
    const again = await openDB(name, 3);
    expect([...again.objectStoreNames]).toEqual(['tools']);
    again.close();
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

  it('waits for a tab that does not let go of an older version, and says so', async () => {
    const name = freshName();
    const holding = await openDB(name, FIRST_VERSION, {
      upgrade: (database, _old, _new, transaction) =>
        void migrate(database, transaction as never, 0, []),
    });
    let blocked = 0;
    const opening = openDatabase({ name, onBlocked: () => (blocked += 1) });
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(blocked).toBe(1);
    holding.close();
    expect((await opening).version).toBe(DATABASE_VERSION);
  });

  it('keeps a damaged record of an older version as it is, and shows it', async () => {
    const name = freshName();
    const first = await openDatabase({ name, migrations: [] });
    const broken = { id: 'broken', steps: 'gone', deletedAt: null, updatedAt: later };
    await first.put('sessions', broken as never);
    first.close();
    const store = await freshStore(name);
    expect(await store.log.sessions()).toEqual([]);
    expect(await store.log.unread('sessions')).toMatchObject([broken]);
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
    expect(await tools.list()).toEqual([wren]);
    await tools.update('wren', (tool) => ({ ...tool, name: 'Wren II' }));
    expect((await tools.get('wren'))?.name).toBe('Wren II');
    await tools.remove('wren', later);
    expect(await tools.list()).toEqual([]);
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
    await raw.put('tools', { id: 'broken', updatedAt: later, deletedAt: null });
    raw.close();
    expect(await store.tools.list()).toEqual([wren]);
    expect(await findUnusable('tools', await store.whole.readRaw('tools'))).toMatchObject([
      { id: 'broken', why: expect.stringMatching(/must be|is missing|required/) },
    ]);
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
