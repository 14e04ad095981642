import { sample } from '../testing/sample';
import { freshName, freshStore, later } from '../testing/stores';
import { openDatabase } from './database';
import { startEmpty } from './sampleData';
import { soundRecords } from './soundRecords';

const now = new Date('2026-11-25T10:00:00.000Z');
const broken = { id: 'broken', name: 'Odd one', updatedAt: later, deletedAt: null };

describe('undo', () => {
  it('of removing everything brings all of it back, a damaged record too', async () => {
    const store = await freshStore();
    await store.whole.mergeIn(sample);
    await store.whole.putRaw('tools', broken);
    await store.whole.putRaw('sessions', { ...broken, id: 'broken session' } as never);
    const before = await store.whole.readAll();
    const lines = await store.log.sessions();

    const act = await startEmpty(store, now);
    expect(await store.log.sessions()).toEqual([]);
    expect(await store.whole.undo(act)).toBe(0);
    expect(await store.whole.readAll()).toEqual(before);
    expect(await store.log.sessions()).toEqual(lines);
    expect(await store.log.unread('sessions')).toMatchObject([{ id: 'broken session' }]);
  });

  it('of an import leaves alone what another tab has done since', async () => {
    const name = freshName();
    const [one, other] = [await freshStore(name), await freshStore(name)];
    const [first, second] = sample.tools;
    await one.tools.save(first!);
    const { act } = await one.whole.mergeIn({
      ...sample,
      tools: [{ ...first!, name: 'Newer', updatedAt: later }, second!],
    });
    await other.tools.update(second!.id, (tool) => ({ ...tool, name: 'Changed since' }));
    await other.tools.save({ ...second!, id: 'made since' });

    expect(await one.whole.undo(act)).toBe(1);
    const names = (await one.tools.list()).map((tool) => tool.name).sort();
    expect(names).toEqual([first!.name, 'Changed since', second!.name].sort());
    expect(await one.log.sessions()).toEqual([]);
  });

  it('a second time changes nothing', async () => {
    const store = await freshStore();
    const { act } = await store.whole.mergeIn(sample);
    await store.whole.undo(act);
    expect(await store.whole.undo(act)).toBe(act.length);
    expect(await store.whole.isEmpty()).toBe(true);
  });
});

describe('an export', () => {
  it('holds what is sound, can be read again, and counts what is not', async () => {
    const store = await freshStore();
    await store.whole.mergeIn(sample);
    await store.whole.putRaw('tools', broken);
    await store.whole.putRaw('inspections', { ...broken, id: 'odd look' } as never);
    await store.whole.putRaw('sessions', { ...broken, id: 'aside', deletedAt: later } as never);
    const { records, leftOut } = await soundRecords(store);
    expect(leftOut).toBe(3);
    const sorted = <R extends { id: string }>(list: R[]) =>
      [...list].sort((a, b) => a.id.localeCompare(b.id));
    expect(sorted(records.tools)).toEqual(sorted(sample.tools));
    expect(records.sessions).toHaveLength(sample.sessions.length);
  });
});

describe('the lines of the log', () => {
  it('follow every write of a session, and stay as they are while strokes are counted', async () => {
    const store = await freshStore();
    const session = { ...sample.sessions[0]!, finishedAt: null, stepIndex: 0 };
    const heard: string[] = [];
    store.changes.listen((tables) => heard.push(...tables));
    await store.sessions.save(session);
    expect(heard).toEqual(['sessions', 'sessionLines']);
    const [line] = await store.log.sessions();
    expect(line).toMatchObject({ id: session.id, toolId: session.toolId, finishedAt: null });

    const counted = { ...session.steps[0]!, left: 40 };
    await store.sessions.update(session.id, (present) => ({
      ...present,
      steps: [counted, ...present.steps.slice(1)],
    }));
    expect(heard).toEqual(['sessions', 'sessionLines', 'sessions']);

    await store.sessions.update(session.id, (present) => ({ ...present, finishedAt: later }));
    expect((await store.log.sessions())[0]!.steps[0]!.left).toBe(40);
    await store.sessions.remove(session.id, later);
    expect(await store.log.sessions()).toEqual([]);
    await store.sessions.restore(session.id, later);
    expect(await store.log.sessions()).toHaveLength(1);
  });

  it('are read a part at a time, all of them', async () => {
    const store = await freshStore();
    const many = Array.from({ length: 1203 }, (_, i) => ({
      ...sample.inspections[0]!,
      id: `look ${i}`,
    }));
    await store.whole.mergeIn({ ...sample, inspections: many });
    const ids = (await store.log.inspections()).map(({ id }) => id);
    expect(new Set(ids).size).toBe(1203);
  });
});

describe('the snapshot of the standings', () => {
  const judged = { hand: null, states: [], needs: [], underWay: [], hardness: {} } as never;

  it('holds until something that it follows from is written, in any tab', async () => {
    const name = freshName();
    const [one, other] = [await freshStore(name), await freshStore(name)];
    const revisions = await one.snapshot.revisions();
    await one.snapshot.keep(revisions, judged);
    expect(await other.snapshot.read()).toEqual({ standings: judged, isCurrent: true });
    const [trip] = sample.trips;
    await other.trips.save(trip!);
    expect(await one.snapshot.read()).toEqual({ standings: judged, isCurrent: true });
    await other.tools.save(sample.tools[0]!);
    expect(await one.snapshot.read()).toBeNull();
    expect(await one.snapshot.revisions()).toEqual({ tools: 1 });
  });

  it('of an older model shows, and says that it wants judging anew', async () => {
    const name = freshName();
    const store = await freshStore(name);
    await store.snapshot.keep({}, judged);
    const database = await openDatabase({ name });
    const kept = await database.get('snapshot', 'standings');
    await database.put('snapshot', { ...kept!, model: 'older' } as never);
    expect(await store.snapshot.read()).toEqual({ standings: judged, isCurrent: false });
  });

  it('has the answers of the log until what they follow from changes, or the day', async () => {
    const store = await freshStore();
    const answers = { edges: [] } as never;
    const from = async (now = '2026-10-05T08:00:00.000Z') => ({
      revisions: await store.snapshot.revisions(),
      trips: await store.trips.list(),
      now,
    });
    await store.snapshot.keepAnswers(await from(), answers);
    await store.snapshot.keep(await store.snapshot.revisions(), judged);
    expect(await store.snapshot.answers(await from('2026-10-05T20:00:00.000Z'))).toEqual(answers);
    expect(await store.snapshot.answers(await from('2026-10-06T08:00:00.000Z'))).toBeNull();
    await store.trips.save(sample.trips[0]!);
    expect(await store.snapshot.answers(await from())).toBeNull();
    await store.snapshot.keepAnswers(await from(), answers);
    await store.sessions.save(sample.sessions[0]!);
    expect(await store.snapshot.answers(await from())).toBeNull();
    expect(await store.snapshot.read()).toBeNull();
  });

  it('is not kept where something was written while it was judged', async () => {
    const store = await freshStore();
    const revisions = await store.snapshot.revisions();
    await store.sessions.save(sample.sessions[0]!);
    await store.snapshot.keep(revisions, judged);
    expect(await store.snapshot.read()).toBeNull();
    expect(await store.snapshot.revisions()).toEqual({ sessionLines: 1 });
  });
});
