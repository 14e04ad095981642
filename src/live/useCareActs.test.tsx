import { act, waitFor } from '@testing-library/react';
import { addDays } from 'date-fns';
import type { CareGroup } from '../core/care';
import { clockNow } from '../domain/clock';
import { careRow } from '../testing/careRow';
import { renderInStore } from '../testing/inStore';
import { sample } from '../testing/sample';
import { useStore } from './StoreProvider';
import { useCareActs } from './useCareActs';

const puck = { ...sample.abrasives.find(({ id }) => id === 'puck')!, dishMm: 0.4 };
const flatten = careRow({ thingId: 'puck', name: 'puck', doing: 'flatten' });

/** Care on a shelf with a hollow puck. */
async function shelf() {
  const own = await renderInStore(() => ({
    acts: useCareActs(),
    store: useStore(),
  }));
  await act(() => own.result.current.store.abrasives.save(puck));
  const already = (await own.result.current.store.care.list()).length;
  return {
    acts: () => own.result.current.acts,
    dish: async () => (await own.result.current.store.abrasives.get('puck'))!.dishMm,
    added: async () => (await own.result.current.store.care.list()).slice(already),
    count: async () => (await own.result.current.store.care.list()).length - already,
  };
}

it('care that is done mends its thing in the same write, and both go back together', async () => {
  const { acts, dish, count } = await shelf();
  await act(() => acts().done([flatten], 'on the slab'));
  expect(await dish()).toBe(0);
  expect(await count()).toBe(1);
  expect(acts().justDone).toHaveLength(1);
  await act(() => acts().undo(acts().justDone[0]!));
  expect(await dish()).toBe(0.4);
  expect(await count()).toBe(0);
  expect(acts().justDone).toEqual([]);
});

it('what is put off mends nothing, and comes back after so many days', async () => {
  const { acts, dish, count, added } = await shelf();
  await act(() => acts().putOff([flatten], 9, 'no slab here'));
  await waitFor(async () => expect(await count()).toBe(1));
  const off = (await added()).find(({ kind }) => kind === 'put off')!;
  expect(off).toMatchObject({ thingId: 'puck', doing: 'flatten', note: 'no slab here' });
  const left = Date.parse(off.until!) - addDays(clockNow(), 9).getTime();
  expect(Math.abs(left)).toBeLessThan(60_000);
  expect(await dish()).toBe(0.4);
  expect(acts().justDone).toEqual([]);
});

it('one row of several tools is one write with a record of each', async () => {
  const { acts, count } = await shelf();
  const oiled = (thingId: string) => careRow({ thingId, name: thingId });
  const oil: CareGroup = [oiled('wren'), oiled('old-hob'), oiled('tern')];
  await act(() => acts().done(oil, ''));
  expect(await count()).toBe(3);
  await act(() => acts().undo(acts().justDone[0]!));
  expect(await count()).toBe(0);
});
