import fc from 'fast-check';
import type { AllRecords } from '../domain/records';
import { STORE_NAMES } from '../domain/storeNames';
import { sample } from '../testing/sample';
import versionEight from '../testing/versionEight.json';
import { PROBLEMS_SHOWN, readBundle, writeBundle } from './bundle';

type Loose = Record<string | number, unknown>;

/** One record of every kind: small, so that ten thousand can be read. */
const small = Object.fromEntries(
  STORE_NAMES.map((store) => [store, sample[store].slice(0, 1).map(shortened)]),
) as unknown as AllRecords;

/** A record whose lists hold one entry; a touch-up stands at that one. */
function shortened(record: object): object {
  const one = (entry: unknown): unknown => (Array.isArray(entry) ? entry.slice(0, 1) : entry);
  if ('stepIndex' in record) record = { ...record, stepIndex: 0 };
  return Object.fromEntries(Object.entries(record).map(([key, entry]) => [key, one(entry)]));
}

const FILES = [
  JSON.parse(writeBundle(small, '2026-11-23T08:00:00.000Z')) as Loose,
  versionEight as unknown as Loose,
];

const deep = (levels: number): unknown =>
  Array.from({ length: levels }).reduce((inner: unknown) => [inner], 1);

const odd = fc.oneof(
  fc.constantFrom(null, true, -1, 1e308, '', 'x', [], {}, [null], { id: null }),
  fc.constantFrom('2026-02-30T10:00:00Z', 'NaN', '__proto__', '\u0000', '𝔊'),
  fc.constantFrom(deep(30), deep(60), { length: 3 }, { toString: 1, valueOf: 1 }),
);

type Mutation = typeof mutation extends fc.Arbitrary<infer T> ? T : never;

const mutation = fc.record({
  file: fc.nat(FILES.length - 1),
  steps: fc.array(fc.nat(), { minLength: 1, maxLength: 8 }),
  act: fc.constantFrom('replace', 'remove', 'twice', 'rename'),
  value: odd,
});

/** A file with one of its values replaced, removed, doubled or renamed, somewhere on a random way in. */
function mutated({ file, steps, act, value }: Mutation): string {
  const copy = structuredClone(FILES[file]!);
  let place: Loose = copy;
  let key: string | number = 'records';
  for (const step of steps) {
    const keys = Object.keys(place);
    if (keys.length === 0) break;
    key = keys[step % keys.length]!;
    const next = place[key];
    if (typeof next !== 'object' || next === null) break;
    if (step !== steps.at(-1)) place = next as Loose;
  }
  if (act === 'replace') place[key] = value;
  else if (act === 'remove') delete place[key];
  else if (act === 'rename') place[`${key}${JSON.stringify(value)}`] = place[key];
  else if (Array.isArray(place)) place.push(place[0]);
  return JSON.stringify(copy);
}

describe('a file from a stranger', () => {
  it('is read whole or refused with places and words, ten thousand times over', () => {
    let read = 0;
    fc.assert(
      fc.property(mutation, (given) => {
        const text = mutated(given);
        const reading = readBundle(text);
        if (reading.ok) {
          read += 1;
          expect(Object.keys(reading.bundle.records).sort()).toEqual([...STORE_NAMES].sort());
          return;
        }
        const { problems, more } = reading;
        expect(problems.length).toBeGreaterThan(0);
        expect(problems.length).toBeLessThanOrEqual(PROBLEMS_SHOWN);
        if (more > 0) expect(problems).toHaveLength(PROBLEMS_SHOWN);
        for (const { line, field, message } of problems) {
          expect(line).toBe(1);
          expect(field).not.toBe('');
          expect(message.length).toBeGreaterThan(3);
          expect(message.length).toBeLessThan(300);
        }
      }),
      { numRuns: 10_000 },
    );
    expect(read).toBeGreaterThan(0);
    expect(read).toBeLessThan(10_000);
  });

  const withSessions = (sessions: unknown[]): string =>
    JSON.stringify(
      { ...FILES[0], records: { ...(FILES[0]!.records as object), sessions } },
      null,
      1,
    );

  it('with three thousand faults shows the first and counts the rest', () => {
    const bad = Array.from({ length: 3000 }, (_, i) => ({
      ...sample.sessions[0]!,
      id: `s${i}`,
      side: 'middle',
    }));
    const reading = readBundle(withSessions(bad));
    expect(reading).toMatchObject({ ok: false, more: 3000 - PROBLEMS_SHOWN });
    if (reading.ok) return;
    const lines = reading.problems.map(({ line }) => line);
    expect(new Set(lines).size).toBe(PROBLEMS_SHOWN);
    expect(lines).toEqual([...lines].sort((a, b) => a - b));
  });

  it.each([
    ['nests without end', '['.repeat(500_000), 'nests too deep'],
    ['nests in a record', withSessions([deep(2000)]), 'nests too deep'],
    ['is one list without end', withSessions([{ steps: Array(200_000).fill(1) }]), 'more than any'],
    ['is one word', `"${'a'.repeat(1_000_000)}"`, 'not an Open Trail file'],
    ['has a key without end', `{"${'k'.repeat(1_000_000)}": 1}`, 'not an Open Trail file'],
    ['is text', 'edge '.repeat(200_000), 'is not whole JSON'],
    ['is a list of nulls', withSessions(Array(100_000).fill(null)), ''],
  ])('that %s is answered', (_how, text, words) => {
    const reading = readBundle(text);
    expect(reading.ok).toBe(false);
    if (!reading.ok) expect(reading.problems.map(({ message }) => message).join()).toContain(words);
  });

  it.each([
    ['tools', 'updatedAt', '2026-02-30T10:00:00Z'],
    ['trips', 'startsOn', '2027-02-29'],
    ['sessions', 'pausedAt', '2026-13-01T10:00:00Z'],
  ])('names a day in %s that is not on the calendar', (store, field, value) => {
    const file = structuredClone(FILES[0]!);
    ((file.records as Loose)[store] as Loose[])[0]![field] = value;
    const reading = readBundle(JSON.stringify(file));
    expect(reading.ok).toBe(false);
    if (!reading.ok) expect(reading.problems[0]!.field).toBe(`${store}[0].${field}`);
  });

  it('holds no touch-up that stands at a step it has not', () => {
    const [session] = sample.sessions;
    const stepIndex = session!.steps.length;
    for (const bad of [{ stepIndex }, { steps: [], finishedAt: null, stepIndex: 0 }]) {
      const reading = readBundle(withSessions([{ ...session, ...bad }]));
      expect(reading.ok).toBe(false);
      if (!reading.ok) expect(reading.problems[0]!.message).toContain('stepIndex is too high');
    }
  });
});
