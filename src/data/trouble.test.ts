import { sample } from '../testing/sample';
import { freshStore, later } from '../testing/stores';
import { findUnusable } from './unusable';

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
