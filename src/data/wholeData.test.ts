import { differenceInCalendarDays, getHours, isAfter, parseISO } from 'date-fns';
import fc from 'fast-check';
import file from '../../demo/tarrow-ness.json';
import { STORE_NAMES } from '../domain/storeNames';
import type { Bundle } from '../formats/bundle';
import { sample } from '../testing/sample';
import { freshStore, later } from '../testing/stores';
import { defaultSettings } from '../core/defaultSettings';
import { mergeRecords } from './merge';
import { broughtTo, loadSample, startEmpty } from './sampleData';

const wren = sample.tools.find(({ id }) => id === 'wren')!;

describe('the whole data', () => {
  it('comes in by one transaction, all or nothing', async () => {
    const { whole } = await freshStore();
    expect(await whole.isEmpty()).toBe(true);
    await whole.mergeIn(sample);
    const before = await whole.readAll();
    const bad = { ...sample, strops: [{ ...sample.strops[0]!, updatedAt: later, lengthMm: -1 }] };
    const newer = { ...bad, tools: sample.tools.map((t) => ({ ...t, updatedAt: later })) };
    const nameless = { ...newer, strops: [{ ...bad.strops[0]!, id: null as never }] };
    await expect(whole.mergeIn(nameless)).rejects.toThrow();
    await expect(whole.replaceAll(bad)).rejects.toThrow('lengthMm');
    expect(await whole.readAll()).toEqual(before);
  });

  it('is the sample crew, standing today, or nothing but settings', async () => {
    const store = await freshStore();
    const now = new Date('2027-03-05T10:00:00.000Z');
    await loadSample(store, now);
    const { trips, settings } = await store.whole.readAll();
    expect(trips.find(({ id }) => id === 'tarrow-ness')!.startsOn).toBe('2027-03-09');
    expect(settings[0]!.demoLoadedAt).toBe(now.toISOString());
    await startEmpty(store, now);
    const rest = await store.whole.readAll();
    expect(STORE_NAMES.filter((name) => rest[name].length > 0)).toEqual(['settings']);
    expect(rest.settings[0]).toEqual(defaultSettings(now.toISOString()));
  });

  it('moves days and hours and nothing else', () => {
    const written = '2026-03-27T08:00:00.000Z';
    const record = { at: '2026-03-28T20:30:00.000Z', on: '2026-12-31', name: '2026', n: 3 };
    const moved = broughtTo(new Date(2026, 2, 28, 23, 59), written, record);
    expect(moved).toMatchObject({ on: '2027-01-01', name: '2026', n: 3 });
    expect(new Date(moved.at)).toEqual(new Date(2026, 2, 29, 20, 30));
  });

  it('stands right at any hour of any day: nothing done lies ahead, the trip begins in four days', () => {
    const { records, exportedAt } = file as unknown as Bundle;
    const anyTime = fc.date({
      min: new Date(2024, 0, 1),
      max: new Date(2040, 0, 1),
      noInvalidDate: true,
    });
    fc.assert(
      fc.property(anyTime, (now) => {
        const { sessions, inspections, care, trips } = broughtTo(now, exportedAt, records);
        const done = [
          ...sessions.flatMap(({ startedAt, finishedAt }) => [startedAt, finishedAt!]),
          ...[...inspections, ...care].map(({ at }) => at),
        ];
        expect(done.filter((at) => isAfter(at, now))).toEqual([]);
        expect(differenceInCalendarDays(parseISO(trips[0]!.startsOn), now)).toBe(4);
        sessions.forEach(({ startedAt, finishedAt }, i) => {
          const like = records.sessions[i]!;
          expect(Date.parse(finishedAt!) - Date.parse(startedAt)).toBe(
            Date.parse(like.finishedAt!) - Date.parse(like.startedAt),
          );
          expect(getHours(startedAt)).toBe(Number(like.startedAt.slice(11, 13)));
        });
      }),
      { numRuns: 60 },
    );
  });
});

describe('a merge', () => {
  const versions = fc.uniqueArray(
    fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd'), day: fc.integer({ min: 1, max: 3 }) }),
    { selector: ({ id }) => id },
  );
  const records = versions.map((list) => ({
    ...Object.fromEntries(STORE_NAMES.map((name) => [name, []])),
    tools: list.map(({ id, day }) => ({ ...wren, id, updatedAt: `2026-01-0${day}T00:00:00.000Z` })),
  })) as unknown as fc.Arbitrary<typeof sample>;

  it('takes the newest of each, and a second time changes nothing', () => {
    fc.assert(
      fc.property(records, records, (present, incoming) => {
        const { winners, report } = mergeRecords(present, incoming);
        const { added, replaced, kept } = report.tools;
        expect(added + replaced + kept).toBe(incoming.tools.length);
        const merged = new Map(present.tools.map((tool) => [tool.id, tool]));
        for (const tool of winners.tools) merged.set(tool.id, tool);
        for (const tool of [...present.tools, ...incoming.tools]) {
          expect(merged.get(tool.id)!.updatedAt >= tool.updatedAt).toBe(true);
        }
        const after = { ...present, tools: [...merged.values()] };
        expect(mergeRecords(after, incoming).winners.tools).toEqual([]);
      }),
    );
  });
});

it('a merge tells moments apart by their time and not by their letters', () => {
  const of = (updatedAt: string) =>
    ({
      ...Object.fromEntries(STORE_NAMES.map((name) => [name, []])),
      tools: [{ ...wren, updatedAt }],
    }) as unknown as typeof sample;
  const { report } = mergeRecords(of('2026-01-01T10:30:00Z'), of('2026-01-01T10:30:00.900Z'));
  expect(report.tools.replaced).toBe(1);
});
