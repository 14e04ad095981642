import fc from 'fast-check';
import { loggedSession } from '../domain/loggedSession';
import { longLog } from '../../demo/longLog';
import { sample } from '../testing/sample';
import { freshStore, later } from '../testing/stores';
import type { Store } from './store';

/** The log as lists read it, held against its records read whole. */

const byStart = (a: { startedAt: string }, b: { startedAt: string }): number =>
  a.startedAt < b.startedAt ? 1 : -1;
const ids = (lines: readonly { id: string }[]): string[] => lines.map(({ id }) => id);

describe('a log', () => {
  let store: Store;
  const lines = sample.sessions.map(loggedSession);

  beforeAll(async () => {
    store = await freshStore();
    await store.whole.mergeIn(sample);
  });

  it('has a line for every session and look', async () => {
    const found = await store.log.sessions();
    expect(found).toHaveLength(lines.length);
    expect(found).toEqual(expect.arrayContaining(lines));
    expect(await store.log.count('sessionLines')).toBe(lines.length);
    expect(await store.log.count('inspectionLines')).toBe(sample.inspections.length);
    expect(await store.log.unread('sessions')).toEqual([]);
  });

  it('has the newest first, however many are asked for', async () => {
    const all = ids([...lines].sort(byStart));
    for (const count of [0, 1, 5, lines.length, lines.length + 9])
      expect(ids(await store.log.newest(count))).toEqual(all.slice(0, count));
  });

  it('has what began between two moments, both of them in', async () => {
    const moments = fc.constantFrom(...lines.map(({ startedAt }) => startedAt));
    await fc.assert(
      fc.asyncProperty(moments, moments, async (one, other) => {
        const [from, to] = one < other ? [one, other] : [other, one];
        const found = await store.log.between(from, to);
        const inside = lines.filter(({ startedAt }) => startedAt >= from && startedAt <= to);
        expect(new Set(ids(found))).toEqual(new Set(ids(inside)));
      }),
      { numRuns: 30 },
    );
  });

  it('has each tool’s own part, and names the tools that were worked', async () => {
    const worked = await store.log.workedTools();
    expect(new Set(worked)).toEqual(new Set(lines.map(({ toolId }) => toolId)));
    expect(new Set(worked).size).toBe(worked.length);
    let parts = 0;
    for (const { id } of sample.tools) {
      const [own, looks] = [await store.log.sessionsOf(id), await store.log.inspectionsOf(id)];
      expect(own.every(({ toolId }) => toolId === id)).toBe(true);
      expect(looks).toHaveLength(sample.inspections.filter(({ toolId }) => toolId === id).length);
      parts += own.length;
    }
    expect(parts).toBe(lines.length);
  });
});

it('a log that is read in several pieces is whole', async () => {
  const store = await freshStore();
  const years = longLog({ tools: 8, sessions: 1200 });
  await store.whole.mergeIn({ ...years, photos: [] });
  const found = await store.log.sessions();
  expect(new Set(ids(found))).toEqual(new Set(ids(years.sessions)));
  expect(found).toHaveLength(years.sessions.length);
});

it('an entry that is struck out leaves the log, and comes back with its undo', async () => {
  const store = await freshStore();
  await store.whole.mergeIn(sample);
  const [entry] = sample.sessions;
  await store.sessions.remove(entry!.id, later);
  expect(ids(await store.log.sessions())).not.toContain(entry!.id);
  expect(ids(await store.log.sessionsOf(entry!.toolId))).not.toContain(entry!.id);
  await store.sessions.restore(entry!.id, later);
  expect(ids(await store.log.sessionsOf(entry!.toolId))).toContain(entry!.id);
});
