import { act, waitFor } from '@testing-library/react';
import type { TracedOutline } from '../../domain/tool';
import { finding } from '../../domain/observation';
import { useStore } from '../../live';
import { renderInStore } from '../../testing/inStore';
import { sample } from '../../testing/sample';
import { sampleStandings } from '../../testing/sampleStandings';
import { usePhotoKeeps } from './usePhotoKeeps';

const wren = sample.tools.find(({ id }) => id === 'wren')!;
const need = sampleStandings().needs.find(({ tool }) => tool.id === 'wren')!;
/** What a look before has found on it. */
const known = { ...need, state: { ...need.state, findings: [finding('chip', 12, 0.2)] } };

/** A photo of Wren's edge, beside its record. */
async function photo() {
  const kept = jest.fn();
  const tab = await renderInStore(() => ({
    keeps: usePhotoKeeps(known, kept),
    store: useStore(),
  }));
  const { store } = tab.result.current;
  await act(() => store.tools.save(wren));
  for (const look of await store.inspections.list())
    await act(() => store.inspections.save({ ...look, deletedAt: look.at }));
  return {
    kept,
    store,
    refused: tab.refused,
    keeps: () => tab.result.current.keeps,
    tool: async () => (await store.tools.get('wren'))!,
    looks: () => store.inspections.list(),
  };
}

describe('a measure of the tool', () => {
  it('goes in as if it were typed, to a tenth, and its stretch ends where the edge does', async () => {
    const { keeps, tool, kept } = await photo();
    await act(() => keeps().edge(97.26));
    await act(() => keeps().spine(3.14));
    expect(await tool()).toMatchObject({ edgeLengthMm: 97.3, spineThicknessMm: 3.1 });
    const { zones } = await tool();
    expect(zones).toHaveLength(1);
    expect(zones[0]).toMatchObject({ startMm: wren.zones[0]!.startMm, endMm: 97.3 });
    expect(Date.parse(zones[0]!.measuredAt!)).not.toBeNaN();
    expect(kept).toHaveBeenCalledTimes(2);
  });

  it('an angle goes in with its ± and the way it was found', async () => {
    const { keeps, tool } = await photo();
    await act(() => keeps().angle({ angleDeg: 14.82, sdDeg: 1.27 }));
    expect((await tool()).zones[0]).toMatchObject({
      bevelAngleDeg: 14.8,
      angleErrorDeg: 1.3,
      angleMethod: 'face-width',
    });
  });

  it('a silhouette hangs, and is taken off again', async () => {
    const { keeps, tool } = await photo();
    const traced: TracedOutline = {
      blade: 'M0,0L30,0L30,200L0,200Z',
      handle: 'M0,0',
      edge: 'M30,0L30,200',
      edgeTopMm: 0,
      widthMm: 30,
      lengthMm: 200,
    };
    await act(() => keeps().silhouette(traced));
    await waitFor(async () => expect((await tool()).traced).toEqual(traced));
    await act(() => keeps().silhouette(null));
    expect((await tool()).traced).toBeNull();
  });

  it('goes nowhere where the tool is gone meanwhile', async () => {
    const { keeps, store, kept } = await photo();
    const gone = { ...need, tool: { ...need.tool, id: 'nobody' } };
    const other = await renderInStore(() => usePhotoKeeps(gone, kept));
    await act(() => other.result.current.edge(50));
    expect(await store.tools.get('nobody')).toBeUndefined();
    expect(kept).not.toHaveBeenCalled();
    expect(keeps().lookId).toBeNull();
  });
});

describe('what is found on a photo', () => {
  it('goes into one look of today, with what was known before', async () => {
    const { keeps, looks, kept } = await photo();
    // Two pegs one after the other, faster than a write.
    await act(() => Promise.all([keeps().chip(0.314, 51.96), keeps().chip(0.5, 70)]));
    const [look, ...more] = await looks();
    expect(more).toEqual([]);
    expect(look).toMatchObject({ toolId: 'wren', zoneId: need.zone.id, lookedAlong: true });
    expect(look!.seen.tests).toEqual(need.state.tests);
    expect(look!.seen.findings).toMatchObject([
      { atMm: 12, depthMm: 0.2 },
      { kind: 'chip', atMm: 52, depthMm: 0.31, cause: 'unknown' },
      { kind: 'chip', atMm: 70, depthMm: 0.5 },
    ]);
    expect(keeps().lookId).toBe(look!.id);
    expect(kept).toHaveBeenCalledTimes(2);
  });

  it('a long glint is several, each in the middle of its part', async () => {
    const { keeps, looks } = await photo();
    await act(() => keeps().glint({ fromMm: 20, toMm: 50 }));
    await act(() => keeps().glint({ fromMm: 60, toMm: 63 }));
    const glints = (await looks())[0]!.seen.findings.filter(({ kind }) => kind === 'glint');
    expect(glints.map(({ atMm }) => atMm)).toEqual([25, 35, 45, 61.5]);
    expect(glints.every(({ band }) => band === 'apex')).toBe(true);
  });

  it('what is refused is told, and holds up none that come after it', async () => {
    const { keeps, looks, refused } = await photo();
    await act(() => expect(keeps().chip(400, 30)).rejects.toThrow(/depthMm/));
    expect(refused).toHaveLength(1);
    await act(() => keeps().chip(0.4, 30));
    expect((await looks())[0]!.seen.findings.map(({ depthMm }) => depthMm)).toEqual([0.2, 0.4]);
  });

  it('a look that was taken back is left alone: the next finding makes another', async () => {
    const { keeps, looks, store } = await photo();
    await act(() => keeps().chip(0.3, 40));
    const first = (await looks())[0]!;
    await act(() => store.inspections.save({ ...first, deletedAt: first.at }));
    await act(() => keeps().chip(0.2, 60));
    const left = await looks();
    expect(left).toHaveLength(1);
    expect(left[0]!.id).not.toBe(first.id);
    expect(left[0]!.seen.findings.map(({ atMm }) => atMm)).toEqual([12, 60]);
  });
});
