import { act, waitFor } from '@testing-library/react';
import { APP_DATABASE, renderInStore } from '../testing/inStore';
import { useDraftState } from './useDraftState';

/** A note as it is written: one of the kinds that are kept half done. */
const note = (id: string) =>
  renderInStore(() => {
    const draft = useDraftState<string>('note', id, '', {
      title: (text) => `a note: ${text}`,
      href: '/log/write',
    });
    return draft.isReading ? null : draft;
  });

/** Waits for the side database: a draft is written as it comes, and nobody waits for it. */
const settled = () => new Promise((resolve) => setTimeout(resolve, 50));

afterEach(async () => {
  await settled();
});

it('begins anew where nothing was left, and is as it was left on return', async () => {
  const first = await note('one');
  expect(first.result.current).toMatchObject({ value: '', leftAt: null });
  act(() => first.result.current!.change('a chip at'));
  act(() => first.result.current!.change('a chip at the heel'));
  expect(first.result.current!.value).toBe('a chip at the heel');
  await settled();
  first.unmount();
  const again = await note('one');
  await waitFor(() => expect(again.result.current!.value).toBe('a chip at the heel'));
  expect(again.result.current!.leftAt).not.toBeNull();
});

it('shows what is still under way without keeping it', async () => {
  const first = await note('two');
  act(() => first.result.current!.change('stays'));
  await settled();
  act(() => first.result.current!.show('under way'));
  expect(first.result.current!.value).toBe('under way');
  await settled();
  first.unmount();
  const again = await note('two');
  await waitFor(() => expect(again.result.current!.value).toBe('stays'));
});

it('is forgotten once it is saved, or begun anew; drafts of others stay', async () => {
  const [one, other] = [await note('three'), await note('four')];
  act(() => one.result.current!.change('saved soon'));
  act(() => other.result.current!.change('stays half done'));
  await settled();
  act(() => one.result.current!.done());
  // What was saved stands here as it is, until the screen is left.
  expect(one.result.current!).toMatchObject({ value: 'saved soon', leftAt: null });
  await settled();
  one.unmount();
  other.unmount();
  const [gone, left] = [await note('three'), await note('four')];
  expect(gone.result.current).toMatchObject({ value: '', leftAt: null });
  await waitFor(() => expect(left.result.current!.value).toBe('stays half done'));
  act(() => left.result.current!.startAnew());
  expect(left.result.current).toMatchObject({ value: '', leftAt: null });
});

it('one that is no note any more is not gone on with', async () => {
  const first = await note('five');
  // As a page of another version might have left it.
  act(() => first.result.current!.change(5 as unknown as string));
  await settled();
  first.unmount();
  const again = await note('five');
  expect(again.result.current).toMatchObject({ value: '', leftAt: null });
});

afterAll(() => {
  indexedDB.deleteDatabase(APP_DATABASE);
});
