import { freshStore } from '../testing/stores';
import { newOne } from './act';
import { sample } from '../testing/sample';

const stone = sample.abrasives.find(({ id }) => id === 'puck')!;

describe('records made together', () => {
  it('are one act that an undo takes back, new and changed alike', async () => {
    const store = await freshStore();
    await store.abrasives.save(stone);
    const changed = { ...stone, massG: 300 };
    const added = { ...stone, id: 'other' };
    const { act } = await store.whole.make([
      { store: 'abrasives', id: stone.id, before: stone, after: changed },
      newOne('abrasives', added),
    ]);
    expect((await store.abrasives.list()).map(({ massG }) => massG)).toEqual([265, 300]);
    await store.whole.undo(act);
    expect(await store.abrasives.list()).toEqual([stone]);
  });

  it('are kept all or none', async () => {
    const store = await freshStore();
    await expect(
      store.whole.make([
        newOne('abrasives', stone),
        newOne('abrasives', { ...stone, id: 'odd', massG: -1 } as typeof stone),
      ]),
    ).rejects.toThrow();
    expect(await store.abrasives.list()).toEqual([]);
  });
});
