import type { Zone } from '../../domain/tool';
import { sample } from '../../testing/sample';
import { freshStore } from '../../testing/stores';
import { finishMeasured, isHalfAnArc, withKeptFacet } from './finishMeasured';

const wren = sample.tools.find(({ id }) => id === 'wren')!;
const zone = wren.zones[0]!;
const FACET: NonNullable<Zone['facet']> = {
  angleDeg: 17,
  faceWidthMm: 0.4,
  startMm: zone.startMm,
  endMm: zone.endMm,
  kept: false,
};

/** A session in mid-work on that edge, with its tool. */
async function inMidWork() {
  const store = await freshStore();
  const done = sample.sessions.find(({ toolId }) => toolId === 'wren')!;
  const session = { ...done, finishedAt: null };
  await store.tools.save(wren);
  await store.sessions.save(session);
  return { store, session };
}

const end = { findings: [], notes: 'thinned', facetOnly: false };

it('writes the log and the new measures together; what the edge is called and must do stays', async () => {
  const { store, session } = await inMidWork();
  const ground = { ...zone, bevelAngleDeg: 12, shoulderThicknessMm: 2.1, name: 'not this' };
  await finishMeasured(store, { ...end, session, ground });
  const [after] = (await store.tools.get('wren'))!.zones;
  expect(after).toMatchObject({
    bevelAngleDeg: 12,
    shoulderThicknessMm: 2.1,
    name: zone.name,
    startMm: zone.startMm,
  });
  expect(after!.measuredAt).not.toBe(zone.measuredAt);
  const logged = (await store.sessions.get(session.id))!;
  expect(logged.finishedAt).not.toBeNull();
  expect(logged.notes).toBe('thinned');
});

it('writes neither where one cannot be', async () => {
  const { store, session } = await inMidWork();
  const ground = { ...zone, bevelAngleDeg: -3 };
  await expect(finishMeasured(store, { ...end, session, ground })).rejects.toThrow('bevelAngleDeg');
  expect((await store.sessions.get(session.id))!.finishedAt).toBeNull();
  expect((await store.tools.get('wren'))!.zones[0]).toEqual(zone);
});

it('a facet alone is no new measure', async () => {
  const { store, session } = await inMidWork();
  const ground = { ...zone, facet: FACET, bevelAngleDeg: 19 };
  await finishMeasured(store, { ...end, session, ground, facetOnly: true });
  const [after] = (await store.tools.get('wren'))!.zones;
  expect(after).toEqual({ ...zone, facet: FACET });
});

it('a facet that is kept is a micro-bevel where it runs all along, else a facet that stays', () => {
  expect(withKeptFacet(zone)).toBe(zone);
  const whole = withKeptFacet({ ...zone, facet: FACET });
  expect(whole).toMatchObject({ facet: null, microBevel: { angleDeg: 17, faceWidthMm: 0.4 } });
  const part = withKeptFacet({ ...zone, facet: { ...FACET, endMm: zone.endMm - 10 } });
  expect(part).toMatchObject({ facet: { kept: true }, microBevel: zone.microBevel });
});

it('an arc is half done when some of its facets are ground and the last is not', () => {
  const facet = sample.sessions[0]!.steps[0]!;
  const step = (left: number) => ({
    ...facet,
    task: 'grind a facet of the arc' as const,
    left,
    right: left,
    activeSeconds: 0,
  });
  const session = (...strokes: number[]) => ({ ...sample.sessions[0]!, steps: strokes.map(step) });
  expect(isHalfAnArc(session(0, 0))).toBe(false);
  expect(isHalfAnArc(session(40, 0))).toBe(true);
  expect(isHalfAnArc(session(40, 40))).toBe(false);
  expect(isHalfAnArc(session())).toBe(false);
});
