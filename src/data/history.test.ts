import { addMinutes } from 'date-fns';
import { sample } from '../testing/sample';
import { freshStore } from '../testing/stores';
import { defaultSettings } from '../core/defaultSettings';
import { newRecord } from '../domain/newRecord';
import type { Photo } from '../domain/photo';
import { newOne } from './act';
import type { StoredRecord } from './past';

const wren = sample.tools.find(({ id }) => id === 'wren')!;
const at = '2026-11-25T10:00:00.000Z';
const later = (minutes: number): string => addMinutes(at, minutes).toISOString();

/** A store with Wren in it, and the way to change one of its fields at a minute. */
async function withWren() {
  const store = await freshStore();
  await store.tools.save(wren);
  const change = (minutes: number, fields: Partial<typeof wren>) =>
    store.tools.update(wren.id, (tool) => ({ ...tool, ...fields, updatedAt: later(minutes) }));
  const history = async () =>
    (await store.past.historyOf(wren.id)).toSorted((a, b) => (a.at < b.at ? -1 : 1));
  return { store, change, history };
}

describe('the history of a record', () => {
  it('tells each change of a field, what did it, and whose hand it was', async () => {
    const { store, change, history } = await withWren();
    expect(await history()).toEqual([]);
    await store.settings.save({ ...defaultSettings(at), person: 'Fenn' });
    await change(0, { edgeLengthMm: 99 });
    await store.whole.editTogether(
      [
        {
          store: 'tools',
          id: wren.id,
          change: (tool) => ({ ...tool, bladeWidthMm: 31, updatedAt: later(1) }),
        },
      ],
      { cause: 'touch-up', sessionId: 'entry-1' },
    );
    expect(await history()).toMatchObject([
      {
        cause: 'by hand',
        person: 'Fenn',
        sessionId: null,
        changes: [{ path: ['edgeLengthMm'], from: wren.edgeLengthMm, to: 99 }],
      },
      {
        cause: 'touch-up',
        sessionId: 'entry-1',
        changes: [{ path: ['bladeWidthMm'], from: wren.bladeWidthMm, to: 31 }],
      },
    ]);
  });

  it('joins what follows closely, and drops what comes back to what it was', async () => {
    const { change, history } = await withWren();
    await change(0, { edgeLengthMm: 99 });
    await change(3, { edgeLengthMm: 101, notes: 'twice' });
    const [own, ...more] = await history();
    expect(more).toEqual([]);
    expect(own!.changes).toMatchObject([
      { path: ['edgeLengthMm'], from: wren.edgeLengthMm, to: 101 },
      { path: ['notes'], from: wren.notes, to: 'twice' },
    ]);
    await change(5, { edgeLengthMm: wren.edgeLengthMm, notes: wren.notes });
    expect(await history()).toEqual([]);
    await change(6, { edgeLengthMm: 99 });
    await change(60, { edgeLengthMm: 98 });
    expect(await history()).toHaveLength(2);
  });

  it('tells what a file brought in', async () => {
    const { store, history } = await withWren();
    const newer = { ...wren, edgeLengthMm: 99, updatedAt: later(1) };
    await store.whole.mergeIn({ ...sample, tools: [newer] });
    expect(await history()).toMatchObject([{ cause: 'file', changes: [{ to: 99 }] }]);
  });

  it('tells what an undo took back, and goes for good with its tool alone', async () => {
    const { store, history } = await withWren();
    const { act } = await store.whole.make([
      { store: 'tools', id: wren.id, before: wren, after: { ...wren, edgeLengthMm: 99 } },
    ]);
    await store.whole.undo(act);
    expect((await history()).map(({ cause }) => cause)).toEqual(['by hand', 'taken back']);
    await store.whole.make([newOne('tools', { ...wren, id: 'other' } as typeof wren)]);
    const along = await store.past.belongingTo([{ store: 'tools', record: wren }]);
    expect(along.map((own) => own.store)).toEqual(['history', 'history']);
  });
});

it('what was removed is found, and nothing else', async () => {
  const store = await freshStore();
  await store.whole.mergeIn(sample);
  expect(await store.past.removed()).toEqual([]);
  await store.tools.remove('wren', at);
  await store.sessions.remove(sample.sessions[0]!.id, at);
  const removed = (await store.past.removed()).map(({ record }) => record.id).sort();
  expect(removed).toEqual([sample.sessions[0]!.id, 'wren'].sort());
});

it('the pictures of an entry go for good with it, and those of its tool alone stay', async () => {
  const store = await freshStore();
  await store.whole.mergeIn(sample);
  const session = sample.sessions[0]!;
  const photo = (id: string, entry: Photo['entry']): Photo => ({
    ...newRecord(id, at),
    toolId: session.toolId,
    takenAt: at,
    dataUrl: 'data:image/jpeg;base64,/9j/2Q==',
    caption: '',
    entry,
    stage: null,
    scale: null,
  });
  await store.photos.save(photo('of the entry', { store: 'sessions', id: session.id }));
  await store.photos.save(photo('of the tool', null));
  const of = async (one: StoredRecord): Promise<string[]> =>
    (await store.past.belongingTo([one]))
      .filter(({ store: name, record }) => name === 'photos' && record.id.startsWith('of'))
      .map(({ record }) => record.id)
      .sort();
  expect(await of({ store: 'sessions', record: session })).toEqual(['of the entry']);
  const tool = sample.tools.find(({ id }) => id === session.toolId)!;
  expect(await of({ store: 'tools', record: tool })).toEqual(['of the entry', 'of the tool']);
  await store.photos.remove('of the tool', at);
  const shown = (await store.past.photosOf(session.toolId)).map(({ id }) => id);
  expect(shown).toContain('of the entry');
  expect(shown).not.toContain('of the tool');
});
