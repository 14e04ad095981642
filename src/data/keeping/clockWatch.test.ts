import { addDays, addMinutes } from 'date-fns';
import { clockNow, setClockAhead } from '../../domain/clock';
import { sample } from '../../testing/sample';
import { freshName, freshStore } from '../../testing/stores';
import { shiftedEntries } from '../shiftEntries';
import { endSpell, noteWrites, watchClock } from './clockWatch';
import { openSideDatabase } from './sideDatabase';

const NOVEMBER = new Date('2026-11-28T10:00:00.000Z');
const open = () => openSideDatabase(freshName());
const logOf = (startedAt: string | null) => ({
  newest: async () => (startedAt ? [{ ...sample.sessions[0]!, startedAt }] : []),
});

beforeEach(() => jest.useFakeTimers({ doNotFake: ['setTimeout', 'setImmediate', 'performance'] }));
afterEach(() => {
  setClockAhead(0);
  jest.useRealTimers();
});

describe('a clock', () => {
  it('that runs on is left alone', async () => {
    jest.setSystemTime(NOVEMBER);
    expect(await watchClock(await open(), logOf('2026-11-27T10:00:00.000Z'))).toBeNull();
    expect(clockNow()).toEqual(NOVEMBER);
    expect(await watchClock(await open(), logOf(null))).toBeNull();
  });

  it('that is thirty days behind dates entries after the newest, and on from there', async () => {
    jest.setSystemTime(addDays(NOVEMBER, -30));
    const side = await open();
    const spell = await watchClock(side, logOf(NOVEMBER.toISOString()));
    expect(spell).toMatchObject({ from: NOVEMBER.toISOString(), endedAt: null });
    expect(clockNow() > NOVEMBER).toBe(true);
    jest.setSystemTime(addMinutes(addDays(NOVEMBER, -30), 5));
    expect(clockNow() > addMinutes(NOVEMBER, 5)).toBe(true);
    expect(clockNow() < addMinutes(NOVEMBER, 6)).toBe(true);
  });

  it('is held against what was written without an entry, too, and told of once it has caught up', async () => {
    jest.setSystemTime(NOVEMBER);
    const side = await open();
    const store = await freshStore();
    const stop = noteWrites(side, store.changes);
    await store.tools.save(sample.tools[0]!);
    stop();
    await new Promise((resolve) => setTimeout(resolve, 20));
    jest.setSystemTime(addDays(NOVEMBER, -3));
    expect(await watchClock(side, logOf(null))).toMatchObject({ endedAt: null });
    jest.setSystemTime(addDays(NOVEMBER, 2));
    const ended = await watchClock(side, logOf(null));
    expect(ended).toMatchObject({ from: NOVEMBER.toISOString() });
    expect(ended!.endedAt).not.toBeNull();
    expect(clockNow()).toEqual(addDays(NOVEMBER, 2));
    await endSpell(side);
    expect(await watchClock(side, logOf(null))).toBeNull();
  });
});

describe('entries of such a time', () => {
  it('are set right in one act, those before it stay, and an undo takes it back', async () => {
    jest.useRealTimers();
    const store = await freshStore();
    await store.whole.mergeIn(sample);
    const all = (await store.log.sessions()).toSorted((a, b) =>
      a.startedAt < b.startedAt ? -1 : 1,
    );
    const from = all.at(-4)!.startedAt;
    const days = 30 * 86_400_000;
    const { act } = await store.whole.make(await shiftedEntries(store, from, days));
    const moved = (await store.log.sessions()).filter(({ startedAt }) => startedAt > from);
    for (const { id, startedAt, finishedAt } of moved) {
      const was = all.find((own) => own.id === id)!;
      expect(Date.parse(startedAt) - Date.parse(was.startedAt)).toBe(days);
      expect(Date.parse(finishedAt!) - Date.parse(was.finishedAt!)).toBe(days);
    }
    expect(moved).toHaveLength(3);
    await store.whole.undo(act);
    const back = (await store.log.sessions()).toSorted((a, b) =>
      a.startedAt < b.startedAt ? -1 : 1,
    );
    expect(back.map(({ startedAt }) => startedAt)).toEqual(all.map(({ startedAt }) => startedAt));
  });
});
