import fc from 'fast-check';
import { sample } from '../../testing/sample';
import { freshName, freshStore } from '../../testing/stores';
import type { Act } from '../act';
import { createChanges } from '../changes';
import { openDatabase } from '../database';
import { createStore, type Store } from '../store';
import { keepingStore } from './keepingStore';
import { NotSavedError } from './keptWrite';
import { saveLeftovers, shelterIn } from './leftovers';
import { createOutbox, type Outbox } from './outbox';
import { openSideDatabase, type SideDatabase } from './sideDatabase';

const wren = sample.tools.find(({ id }) => id === 'wren')!;
const longer = (tool: typeof wren) => ({ ...tool, edgeLengthMm: tool.edgeLengthMm + 1 });
const at = '2027-01-01T10:00:00.000Z';

/** A tab on a database of its own, that can be shut under it, with what waits beside it. */
async function openTab(name = freshName(), side?: SideDatabase) {
  const beside = side ?? (await openSideDatabase(`${name}-waiting`));
  const database = await openDatabase({ name });
  const bare = createStore(database, createChanges(name));
  const outbox = createOutbox(`tab of ${name}`, shelterIn(beside), (act) => bare.whole.make(act));
  const refused: Error[] = [];
  const store = keepingStore(bare, outbox, (error) => refused.push(error));
  return { name, side: beside, database, bare, outbox, store, refused };
}

/** Lets the browser have no room for any record until it is called. */
function fillDisk(): () => void {
  const { put } = IDBObjectStore.prototype;
  const full = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(function (
    this: IDBObjectStore,
    ...given
  ) {
    if (this.name === 'leftovers') return put.apply(this, given);
    throw new DOMException('full', 'QuotaExceededError');
  });
  return () => full.mockRestore();
}

afterEach(() => jest.restoreAllMocks());

const settled = (outbox: Outbox) =>
  new Promise<void>((resolve) => {
    setTimeout(() => resolve(void outbox.state()), 20);
  });

describe('what cannot be written', () => {
  it('waits, is shown as if it were there, and is written when there is room again', async () => {
    const { store, bare, outbox } = await openTab();
    await store.tools.save(wren);
    await store.tools.list();
    const makeRoom = fillDisk();
    for (let i = 0; i < 3; i += 1)
      await expect(store.tools.update(wren.id, longer)).rejects.toThrow(NotSavedError);
    expect(outbox.state()).toMatchObject({ word: 'not saved', isKept: true });
    expect((await store.tools.get(wren.id))!.edgeLengthMm).toBe(wren.edgeLengthMm + 3);
    expect((await store.tools.list())[0]!.edgeLengthMm).toBe(wren.edgeLengthMm + 3);
    expect((await bare.tools.get(wren.id))!.edgeLengthMm).toBe(wren.edgeLengthMm);
    await outbox.retry();
    expect(outbox.state().word).toBe('not saved');
    makeRoom();
    await outbox.retry();
    expect(outbox.state()).toMatchObject({ word: 'saved', waiting: [] });
    expect((await bare.tools.get(wren.id))!.edgeLengthMm).toBe(wren.edgeLengthMm + 3);
  });

  it('goes before what is done after it', async () => {
    const { store, bare, outbox } = await openTab();
    await store.tools.save(wren);
    await store.tools.list();
    const makeRoom = fillDisk();
    await store.tools.update(wren.id, longer).catch(() => {});
    makeRoom();
    await store.tools.update(wren.id, longer);
    expect(outbox.state().word).toBe('saved');
    expect((await bare.tools.get(wren.id))!.edgeLengthMm).toBe(wren.edgeLengthMm + 2);
  });

  it('outlives a tab whose database another has shut, and is saved by the next, once', async () => {
    const { name, side, database, store, outbox } = await openTab();
    await store.tools.save(wren);
    await store.tools.list();
    database.close();
    for (let i = 0; i < 12; i += 1) await store.tools.update(wren.id, longer).catch(() => {});
    await settled(outbox);
    expect(outbox.state()).toMatchObject({ word: 'not saved', isKept: true });
    expect((await store.tools.get(wren.id))!.edgeLengthMm).toBe(wren.edgeLengthMm + 12);

    const next = await openTab(name, side);
    // Another tab has changed something else meanwhile.
    await next.bare.tools.update(wren.id, (tool) => ({ ...tool, name: 'Wren II' }));
    expect(await saveLeftovers(side, next.bare.whole, next.outbox)).toBe(1);
    expect(await next.bare.tools.get(wren.id)).toMatchObject({
      name: 'Wren II',
      edgeLengthMm: wren.edgeLengthMm + 12,
    });
    expect(await saveLeftovers(side, next.bare.whole, next.outbox)).toBe(0);
    expect(next.outbox.state().word).toBe('saved');
  });

  it('comes back whole where the record is gone for good', async () => {
    const { side, store, database, outbox } = await openTab();
    await store.tools.save(wren);
    await store.tools.list();
    database.close();
    await store.tools.update(wren.id, longer).catch(() => {});
    await settled(outbox);
    const empty = await openTab(freshName(), side);
    await saveLeftovers(side, empty.bare.whole, empty.outbox);
    expect(await empty.bare.tools.get(wren.id)).toEqual(longer(wren));
  });

  it('is nothing that is not valid: that is refused where it was entered', async () => {
    const { store, outbox, refused } = await openTab();
    await expect(store.tools.save({ ...wren, name: '' })).rejects.toThrow();
    expect(refused.map(({ name }) => name)).toEqual(['ValidationError']);
    expect(outbox.state().word).toBe('saved');
  });

  it('says that it is on its way until the transaction has ended', async () => {
    const { store, outbox } = await openTab();
    const words: string[] = [];
    outbox.listen(() => words.push(outbox.state().word));
    const saving = store.tools.save(wren);
    expect(outbox.state().word).toBe('saving');
    await saving;
    expect(words).toEqual(['saving', 'saved']);
  });
});

describe('one field changed in two places', () => {
  const both = async () => {
    const tab = await openTab();
    await tab.store.tools.save(wren);
    await tab.bare.tools.update(wren.id, (tool) => ({ ...tool, name: 'Theirs', notes: 'kept' }));
    const mine = { ...wren, name: 'Mine', edgeLengthMm: 101, updatedAt: at };
    const act: Act = [{ store: 'tools', id: wren.id, before: wren, after: mine }];
    await expect(tab.store.whole.make(act)).rejects.toThrow(NotSavedError);
    expect(tab.outbox.state().clashes[0]!.clashes).toEqual([
      { path: ['name'], from: 'Wren', to: 'Mine', present: 'Theirs' },
    ]);
    return tab;
  };

  it.each(['mine', 'theirs'] as const)('is settled by the person: %s', async (side) => {
    const { bare, outbox } = await both();
    await outbox.settle(() => side);
    expect(outbox.state().word).toBe('saved');
    expect(await bare.tools.get(wren.id)).toMatchObject({
      name: side === 'mine' ? 'Mine' : 'Theirs',
      edgeLengthMm: 101,
      notes: 'kept',
    });
  });
});

describe('three tabs, one of them asleep', () => {
  const fields = ['edgeLengthMm', 'bladeWidthMm', 'spineThicknessMm'] as const;
  type Fields = Record<(typeof fields)[number], number>;
  const START: Fields = { edgeLengthMm: 90, bladeWidthMm: 22, spineThicknessMm: 3 };
  const of = (own: Fields): Fields => ({
    edgeLengthMm: own.edgeLengthMm,
    bladeWidthMm: own.bladeWidthMm,
    spineThicknessMm: own.spineThicknessMm,
  });
  const steps = fc.array(
    fc.oneof(
      fc.record({
        kind: fc.constant('save' as const),
        tab: fc.nat(2),
        changes: fc.dictionary(fc.constantFrom(...fields), fc.integer({ min: 20, max: 24 }), {
          minKeys: 1,
        }),
      }),
      fc.record({ kind: fc.constant('undo' as const), tab: fc.nat(2) }),
    ),
    { maxLength: 14 },
  );

  it('save and take back their own fields alone, in any order', async () => {
    await fc.assert(
      fc.asyncProperty(steps, async (doings) => {
        const name = freshName();
        const tabs: Store[] = [];
        for (let i = 0; i < 3; i += 1) tabs.push(await freshStore(name));
        const first = { ...wren, ...START };
        await tabs[0]!.tools.save(first);
        // What is told by hand: each field by itself, and what each tab last read.
        let told = { ...START };
        const read = [first, first, first];
        const acts: { act: Act; changes: [keyof Fields, number, number][] }[][] = [[], [], []];
        for (const doing of doings) {
          const tab = tabs[doing.tab]!;
          if (doing.kind === 'save') {
            const before = read[doing.tab]!;
            const after = { ...before, ...doing.changes };
            const made = await tab.whole.make([{ store: 'tools', id: wren.id, before, after }]);
            const own = fields.filter((field) => after[field] !== before[field]);
            const clashes = own.filter(
              (field) => told[field] !== before[field] && told[field] !== after[field],
            );
            expect(made.clashes.length > 0).toBe(clashes.length > 0);
            if (clashes.length === 0) {
              const changes = own
                .filter((field) => told[field] !== after[field])
                .map((field): [keyof Fields, number, number] => [field, told[field], after[field]]);
              if (changes.length > 0) acts[doing.tab]!.push({ act: made.act, changes });
              for (const [field, , to] of changes) told = { ...told, [field]: to };
            }
          } else {
            const last = acts[doing.tab]!.pop();
            if (!last) continue;
            await tab.whole.undo(last.act);
            for (const [field, from, to] of last.changes)
              if (told[field] === to) told = { ...told, [field]: from };
          }
          // The third tab sleeps: it goes on with what it read at the beginning.
          const stored = (await tab.tools.get(wren.id))!;
          expect(of(stored)).toEqual(told);
          if (doing.tab < 2) read[doing.tab] = stored;
        }
      }),
      { numRuns: 60 },
    );
  });
});
