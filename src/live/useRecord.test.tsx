import { act, waitFor } from '@testing-library/react';
import { APP_DATABASE, renderInStore } from '../testing/inStore';
import { sample } from '../testing/sample';
import { freshStore } from '../testing/stores';
import { useStore } from './StoreProvider';
import { useChangeSettings } from './useChangeSettings';
import { useRecord } from './useRecord';
import { useRecords } from './useRecords';

const wren = sample.tools.find(({ id }) => id === 'wren')!;
const longer = (tool: typeof wren) => ({ ...tool, bladeWidthMm: tool.bladeWidthMm + 1 });

describe('one record while it is worked on', () => {
  const open = async (id: string) => {
    const other = await freshStore(APP_DATABASE);
    await other.tools.save({ ...wren, id });
    const tab = await renderInStore(() => useRecord('tools', id));
    await waitFor(() => expect(tab.result.current.record).toMatchObject({ id }));
    return { other, ...tab };
  };

  it('is null where there is none, and undefined only while it is read', async () => {
    const { result } = await renderInStore(() => useRecord('tools', 'nobody'));
    await waitFor(() => expect(result.current.record).toBeNull());
    expect(result.current.saved).toBe('saved');
  });

  it('shows steps in their order, and they are on the disk when it says so', async () => {
    const { other, result } = await open('in-order');
    act(() => {
      for (let i = 0; i < 4; i += 1) void result.current.change(longer);
      void result.current.change((tool) => ({ ...tool, bladeWidthMm: 2 * tool.bladeWidthMm }));
    });
    const widthMm = 2 * (wren.bladeWidthMm + 4);
    await waitFor(() => expect(result.current.record!.bladeWidthMm).toBe(widthMm));
    await waitFor(() => expect(result.current.saved).toBe('saved'));
    expect(result.current.record!.bladeWidthMm).toBe(widthMm);
    expect((await other.tools.get('in-order'))!.bladeWidthMm).toBe(widthMm);
  });

  it('adds up with the steps of another tab', async () => {
    const { other, result } = await open('adds-up');
    await other.tools.update('adds-up', longer);
    await act(() => result.current.change(longer));
    await waitFor(() => expect(result.current.record!.bladeWidthMm).toBe(wren.bladeWidthMm + 2));
  });

  it('goes back to what is kept where a step is refused', async () => {
    const { result, refused } = await open('goes-back');
    await act(async () => {
      await result.current.change((tool) => ({ ...tool, bladeWidthMm: -1 })).catch(() => {});
    });
    expect(refused).toHaveLength(1);
    await waitFor(() => expect(result.current.record!.bladeWidthMm).toBe(wren.bladeWidthMm));
  });
});

it('records of a store follow what is written and removed in this tab', async () => {
  const { result } = await renderInStore(() => ({
    store: useStore(),
    helpers: useRecords('helpers'),
  }));
  await waitFor(() => expect(result.current.helpers).toEqual([]));
  const [helper] = sample.helpers;
  await act(() => result.current.store.helpers.save(helper!));
  await waitFor(() => expect(result.current.helpers).toEqual([helper]));
  await act(() => result.current.store.helpers.remove(helper!.id, '2030-01-01T00:00:00.000Z'));
  await waitFor(() => expect(result.current.helpers).toEqual([]));
});

it('a first change makes the settings, and the next leaves the others as they are', async () => {
  const { result } = await renderInStore(() => ({
    change: useChangeSettings(),
    settings: useRecord('settings', 'settings').record,
  }));
  await waitFor(() => expect(result.current.settings).toBeNull());
  await act(() => result.current.change({ units: 'imperial' }));
  await act(() => result.current.change({ coinThicknessMm: 1.6 }));
  await waitFor(() =>
    expect(result.current.settings).toMatchObject({ units: 'imperial', coinThicknessMm: 1.6 }),
  );
});
