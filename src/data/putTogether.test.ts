import { freshStore } from '../testing/stores';
import { sample } from '../testing/sample';

const stone = sample.abrasives.find(({ id }) => id === 'puck')!;

describe('records put together', () => {
  it('are one act that an undo takes back, new and changed alike', async () => {
    const store = await freshStore();
    await store.abrasives.save(stone);
    const changed = { ...stone, massG: 300 };
    const added = { ...stone, id: 'other' };
    const act = await store.whole.putTogether([
      { store: 'abrasives', record: changed },
      { store: 'abrasives', record: added },
    ]);
    expect((await store.abrasives.list()).map(({ massG }) => massG)).toEqual([265, 300]);
    await store.whole.undo(act);
    expect(await store.abrasives.list()).toEqual([stone]);
  });

  it('are kept all or none', async () => {
    const store = await freshStore();
    await expect(
      store.whole.putTogether([
        { store: 'abrasives', record: stone },
        { store: 'abrasives', record: { ...stone, id: 'odd', massG: -1 } as typeof stone },
      ]),
    ).rejects.toThrow();
    expect(await store.abrasives.list()).toEqual([]);
  });
});
