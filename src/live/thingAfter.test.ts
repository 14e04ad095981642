import type { CareRow } from '../core/care';
import { careRow } from '../testing/careRow';
import { freshStore } from '../testing/stores';
import { sample } from '../testing/sample';
import { thingAfter } from './thingAfter';

const at = '2030-01-01T00:00:00.000Z';
const row = (thingId: string, doing: CareRow['doing']): CareRow =>
  careRow({ thingId, doing, name: thingId });

/** The sample's shelf, with a two-sided strop. */
async function shelf() {
  const store = await freshStore();
  const other = { surface: 'leather' as const, compoundId: 'crayon-1', loadedAt: null };
  for (const stone of sample.abrasives) await store.abrasives.save(stone);
  for (const strop of sample.strops)
    await store.strops.save(strop.id === 'denim' ? { ...strop, otherFaces: [other] } : strop);
  return store;
}

it('a flattened stone is flat, and one that is washed cuts again', async () => {
  const store = await shelf();
  const flat = await thingAfter(store, row('puck', 'flatten'), at);
  expect(flat).toMatchObject({ store: 'abrasives', after: { dishMm: 0, updatedAt: at } });
  const clean = await thingAfter(store, row('ceramic-rod', 'scrub'), at);
  expect(clean!.after).toMatchObject({ faces: [{ state: 'normal' }] });
  const puck = sample.abrasives.find(({ id }) => id === 'puck')!;
  const washed = await thingAfter(store, row('puck', 'scrub'), at);
  expect(washed!.after).toMatchObject({ dishMm: puck.dishMm });
});

it('each face of a strop is loaded by itself, and a fresh face is one fewer', async () => {
  const store = await shelf();
  const denim = sample.strops.find(({ id }) => id === 'denim')!;
  const first = await thingAfter(store, row('denim', 'load'), at);
  expect(first!.after).toMatchObject({ loadedAt: at, otherFaces: [{ loadedAt: null }] });
  const second = await thingAfter(store, row('denim/other', 'load'), at);
  expect(second!.after).toMatchObject({
    loadedAt: denim.loadedAt,
    otherFaces: [{ loadedAt: at }],
  });
  const fresh = await thingAfter(store, row('denim', 'next face'), at);
  expect(fresh!.after).toMatchObject({ freshLeft: denim.freshLeft! - 1, loadedAt: at });
  const paper = sample.abrasives.find(({ freshLeft }) => freshLeft !== null)!;
  const sheet = await thingAfter(store, row(paper.id, 'next face'), at);
  expect(sheet!.after).toMatchObject({ freshLeft: paper.freshLeft! - 1, freshAt: at });
});

it('what was bought anew is fresh from now on, with as many by as were counted', async () => {
  const store = await shelf();
  const paper = sample.abrasives.find(({ freshLeft }) => freshLeft !== null)!;
  await store.abrasives.save({ ...paper, freshLeft: 0 });
  const one = await thingAfter(store, row(paper.id, 'restock'), at);
  expect(one!.after).toMatchObject({ freshLeft: 0, freshAt: at });
  const six = await thingAfter(store, row(paper.id, 'restock'), at, 6);
  expect(six!.after).toMatchObject({ freshLeft: 6, freshAt: at });
  const cloth = await thingAfter(store, row('denim', 'restock'), at, 3);
  expect(cloth!.after).toMatchObject({ freshLeft: 3, loadedAt: at });
});

it('what changes no thing is a note alone, and so is what is gone from the shelf', async () => {
  const store = await shelf();
  for (const doing of ['film', 'wax sheath', 'look at compound'] as const)
    expect(await thingAfter(store, row('denim', doing), at)).toBeNull();
  expect(await thingAfter(store, row('nothing', 'flatten'), at)).toBeNull();
});
