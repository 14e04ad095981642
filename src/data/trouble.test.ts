import { sample } from '../testing/sample';
import { freshStore, later } from '../testing/stores';
import { reportingFailures, type FailedWrite } from './failedWrites';
import type { Store } from './store';
import { findUnusable } from './unusable';

const wren = sample.tools.find(({ id }) => id === 'wren')!;

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

  it('is named with its reason, and the sound ones are not', async () => {
    const found = await findUnusable('abrasives', [...sample.abrasives, beyond]);
    expect(found.map(({ name }) => name)).toEqual(['Odd one']);
    expect(found[0]!.why).toMatch(/^faces\[0\]\S* must be from 60 to 1200/);
    for (const store of ['tools', 'strops', 'compounds', 'lubricants', 'trips'] as const)
      expect(await findUnusable(store, sample[store] as never)).toEqual([]);
  });

  it('is set aside as it is stored, and put back', async () => {
    const store = await freshStore();
    await store.whole.putRaw('abrasives', beyond);
    expect(await store.abrasives.list()).toEqual([]);
    const set = { ...beyond, deletedAt: later };
    await store.whole.putRaw('abrasives', set);
    const aside = await store.whole.readRaw('abrasives');
    expect(aside).toEqual([{ ...beyond, deletedAt: later }]);
    expect(await findUnusable('abrasives', aside)).toEqual([]);
    await store.whole.putRaw('abrasives', beyond);
    expect(await findUnusable('abrasives', await store.whole.readRaw('abrasives'))).toHaveLength(1);
  });
});
