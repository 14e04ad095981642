import { noteOil } from './noteOil';
import { freshStore } from '../testing/stores';
import { sample } from '../testing/sample';
import type { Session } from '../domain/session';

const stone = sample.abrasives.find(({ id }) => id === 'puck')!;
const like = sample.sessions.find(({ steps }) => steps.some(({ kind }) => kind === 'stone'))!;
const stoneStep = like.steps.find(({ kind }) => kind === 'stone')!;

/** A session with one step on the puck. */
function worked(change: Partial<Session['steps'][number]>): Session {
  const step = { ...stoneStep, itemId: 'puck/coarse', left: 10, right: 10, ...change };
  return { ...like, steps: [step] };
}

describe('oil on a stone', () => {
  it('is noted once work was done with it, and stays', async () => {
    const store = await freshStore();
    await store.abrasives.save(stone);
    await noteOil(store, worked({ lubricant: 'water' }));
    expect((await store.abrasives.get('puck'))!.usedWithOil).toBe(false);
    await noteOil(store, worked({ lubricant: 'oil', left: 0, right: 0, activeSeconds: 0 }));
    expect((await store.abrasives.get('puck'))!.usedWithOil).toBe(false);
    await noteOil(store, worked({ lubricant: 'fat' }));
    expect((await store.abrasives.get('puck'))!.usedWithOil).toBe(true);
    await noteOil(store, worked({ lubricant: 'water' }));
    expect((await store.abrasives.get('puck'))!.usedWithOil).toBe(true);
  });

  it('of a stone that is not on the shelf any more is no matter', async () => {
    const store = await freshStore();
    await expect(noteOil(store, worked({ lubricant: 'oil' }))).resolves.toBeUndefined();
  });
});
