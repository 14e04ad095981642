import fc from 'fast-check';
import { abrasives, compounds, helpers, lubricants, strops } from '../../../demo/shelf';
import type { ShelfGrade } from '../../domain/grade';
import { NAMED_GRADES } from '../../domain/terms';
import { gradeText, readGrade } from './gradeText';
import { readTable as readAnyTable } from '../csv';
import { guessMapping, readShelf, writeShelf, type ShelfThings } from './index';

const readTable = (text: string) => readAnyTable(text, 1000);

const shelf: ShelfThings = { abrasives, strops, compounds, lubricants, helpers };
const nothing: ShelfThings = {
  abrasives: [],
  strops: [],
  compounds: [],
  lubricants: [],
  helpers: [],
};
const at = '2026-11-20T08:00:00.000Z';

function read(text: string, present: ShelfThings = nothing) {
  const found = readTable(text);
  if ('problem' in found) throw new Error(JSON.stringify(found.problem));
  let count = 0;
  const newId = (): string => `new-${(count += 1)}`;
  const mapping = guessMapping(found.table.headings);
  return readShelf({ table: found.table, mapping, shelf: present, at, newId });
}

/** A record without what a table does not carry: identity and times. */
function told(record: object) {
  const { id, createdAt, updatedAt, ...rest } = record as Record<string, unknown>;
  return { ...rest, isRecord: Boolean(id && createdAt && updatedAt) };
}

describe('a shelf as a table', () => {
  it('comes back as it went out, onto the things that are called the same', () => {
    const { things, problems } = read(writeShelf(shelf), shelf);
    expect(problems).toEqual([]);
    const all = [...abrasives, ...strops, ...compounds, ...lubricants, ...helpers];
    expect(things).toHaveLength(all.length);
    for (const { record, isNew } of things) {
      const before = all.find(({ id }) => id === record.id)!;
      expect(told(record)).toEqual(told(before));
      expect(isNew).toBe(false);
    }
  });

  it('comes back onto an empty shelf, strops finding the compounds of the table', () => {
    const { things, problems } = read(writeShelf(shelf));
    expect(problems).toEqual([]);
    const crayon = things.find(({ name }) => name === '1 µm crayon')!;
    const belt = things.find(({ name }) => name === 'trouser belt')!;
    expect(belt.record).toMatchObject({ compoundId: crayon.record.id, form: 'belt' });
  });

  it('takes names with quotation marks, separators, lines and formulas as they are', () => {
    const name = fc
      .string({ minLength: 1, maxLength: 60 })
      .filter((text) => text.trim() === text && text !== '' && !text.startsWith("'"));
    fc.assert(
      fc.property(name, fc.string({ maxLength: 80 }), (odd, notes) => {
        const one = { ...nothing, helpers: [{ ...helpers[0]!, name: odd, notes: notes.trim() }] };
        const { things, problems } = read(writeShelf(one));
        expect(problems).toEqual([]);
        expect(things[0]!.record).toMatchObject({ name: odd });
      }),
    );
  });

  it('reads a stranger’s table by its headings, with usual values for what it does not say', () => {
    const { things, problems } = read('Item;Grit;Weight\nSmall plate;25 um;48\nPaper;P400;5,5\n');
    expect(problems).toEqual([]);
    expect(things.map(({ record }) => record)).toMatchObject([
      { name: 'Small plate', massG: 48, faces: [{ grade: { scale: 'micron', number: 25 } }] },
      { name: 'Paper', massG: 5.5, faces: [{ grade: { scale: 'fepa-p', number: 400 } }] },
    ]);
  });

  it('leaves of a thing on the shelf what a table has no column for', () => {
    const { things } = read('name,grade,weight g\npuck,F 120,270\n', shelf);
    const puck = abrasives.find(({ id }) => id === 'puck')!;
    expect(told(things[0]!.record)).toEqual({ ...told(puck), massG: 270 });
    expect(things[0]!.record.id).toBe('puck');
  });

  it('names line, column and remedy of every fault, and reads the other rows', () => {
    const { things, problems } = read(
      [
        'what,name,grade,length mm,compound',
        '"stone","two\nlines",25 µm,100,',
        'stone,no scale,1000,100,',
        'stone,long,P 400,9000,',
        'spoon,odd,,,',
        'strop,waxed,,200,blue wax',
      ].join('\n'),
    );
    expect(things.map(({ name }) => name)).toEqual(['two\nlines']);
    expect(problems).toMatchObject([
      { line: 4, field: 'grade', message: expect.stringContaining('with its scale') },
      { line: 5, field: 'length mm', message: expect.stringContaining('at most 400') },
      { line: 6, field: 'what', message: expect.stringContaining('strop') },
      { line: 7, field: 'compound', message: expect.stringContaining('blue wax') },
    ]);
  });

  it('refuses one name twice, and what is no table', () => {
    const { problems } = read('name,grade\nplate,25 µm\nPlate,9 µm\n');
    expect(problems).toMatchObject([{ line: 3, message: expect.stringContaining('twice') }]);
    for (const text of ['', '\n\n', 'name,grade\n', 'name,grade\n"open,25 µm\n']) {
      expect(readTable(text)).toHaveProperty('problem');
    }
  });

  it('never fails on any text', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        const found = readTable(text);
        if ('problem' in found) return;
        const { things, problems } = read(text);
        expect(things.length + problems.length).toBeGreaterThan(0);
      }),
    );
  });
});

describe('a grade in words', () => {
  const number = fc.integer({ min: 1, max: 150_000 }).map((n) => n / 10);
  const none = { number: null, named: null, finestUm: null, coarsestUm: null };
  const grade: fc.Arbitrary<ShelfGrade> = fc.oneof(
    fc
      .record({
        scale: fc.constantFrom('fepa-p', 'fepa-f', 'cami', 'jis', 'mesh', 'micron', 'density'),
        number,
      })
      .map((g) => ({ ...none, ...g }) as ShelfGrade),
    fc
      .constantFrom(...NAMED_GRADES)
      .map((named) => ({ ...none, scale: 'natural', named }) as const),
    fc.tuple(number, number).map(([a, b]): ShelfGrade => ({
      ...none,
      scale: 'range',
      finestUm: Math.min(a, b),
      coarsestUm: Math.max(a, b),
    })),
  );

  it('is read as it was written', () => {
    fc.assert(fc.property(grade, (own) => expect(readGrade(gradeText(own))).toEqual(own)));
  });

  it('is none where the scale is not said', () => {
    for (const text of ['1000', '', 'fine', 'P', '400 grit']) expect(readGrade(text)).toBeNull();
  });
});
