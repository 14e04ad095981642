import fc from 'fast-check';
import { parse } from 'papaparse';
import { loggedSession } from '../../domain/loggedSession';
import { passedTest, readGrams } from '../../domain/observation';
import { EDGE_PLACES, SHARPNESS_TESTS } from '../../domain/terms';
import { sample } from '../../testing/sample';
import { readLog, writeLog } from '.';
import { readTests, testText } from './testText';

const now = '2026-11-23T10:00:00.000Z';
const known = { tools: sample.tools, shelf: sample, trips: sample.trips, now };
const lines = sample.sessions.map(loggedSession);
const read = (text: string) => readLog(text, known);
const problemsOf = (text: string) => {
  const reading = read(text);
  return reading.ok ? [] : reading.problems;
};

describe('the log as a table', () => {
  it('goes out and comes in again: the same edges, days, strokes, time and tests', () => {
    const text = writeLog(lines, sample.tools);
    const reading = read(text);
    if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
    expect(reading.sessions.map(({ id }) => id)).toEqual(lines.map(({ id }) => id));
    reading.sessions.forEach((session, i) => {
      const line = lines[i]!;
      expect(session).toMatchObject({
        toolId: line.toolId,
        zoneId: line.zoneId,
        job: line.job,
        where: line.where,
        startedAt: line.startedAt,
        written: 'afterwards',
        notes: line.notes,
        workSince: line.workSince,
        tripId: line.tripId,
      });
      const counted = (steps: readonly { left: number; right: number; itemId: string }[]) =>
        steps.map(({ left, right, itemId }) => ({ left, right, itemId }));
      expect(counted(session.steps)).toEqual(counted(line.steps));
      session.steps.forEach((step, at) =>
        expect(Math.abs(step.activeSeconds - line.steps[at]!.activeSeconds)).toBeLessThan(1),
      );
      expect(testText(session.after.tests)).toBe(testText(line.after.tests));
      // Nothing was planned: it teaches no strokes.
      expect(session.steps.every(({ plannedPerSide }) => plannedPerSide === 0)).toBe(true);
      // As old as the work, so that an entry that is here already stays as it is.
      expect(session.updatedAt).toBe(session.startedAt);
    });
    expect(writeLog(reading.sessions.map(loggedSession), sample.tools)).toBe(text);
  });

  it('lets no cell be taken for a formula, and gives it back as it was', () => {
    const notes = '=1+2, "quoted"\nand a line';
    const text = writeLog([{ ...lines[0]!, notes }], sample.tools);
    const cells = parse<string[]>(text).data.flat();
    expect(cells.some((cell) => /^[=+\-@]/.test(cell))).toBe(false);
    const reading = read(text);
    expect(reading.ok && reading.sessions[0]!.notes).toBe(notes);
  });

  it('reads a table that somebody typed, by names, without ids', () => {
    const text = [
      'Tool;Started;With;Left;Right;Minutes;After;Note',
      'wren;2026-10-30;Fine plate;20;22;1,5;shaves;by hand',
      'wren;2026-10-30;paddle strop, 1 µm crayon;10;10;;;',
    ].join('\n');
    const reading = read(text);
    if (!reading.ok) throw new Error(JSON.stringify(reading.problems));
    expect(reading.sessions).toHaveLength(1);
    const [entry] = reading.sessions;
    expect(entry).toMatchObject({ toolId: 'wren', job: 'touch-up', where: 'bench' });
    expect(entry!.steps[0]).toMatchObject({ left: 20, right: 22, activeSeconds: 90 });
    expect(entry!.steps).toHaveLength(2);
    // The same table again makes the same entry.
    const again = read(text);
    expect(again.ok && again.sessions[0]!.id).toBe(entry!.id);
  });

  it('names line, column and remedy of what it cannot read, and then brings in nothing', () => {
    const head = 'started,tool,edge,with,left,right,before\n';
    expect(problemsOf(`${head}2026-10-30,Nobody,,fine plate,1,1,`)).toEqual([
      {
        line: 2,
        field: 'tool',
        message: '“Nobody” hangs on no rack here: hang it first',
      },
    ]);
    expect(problemsOf(`${head}2026-10-30,Wren,,a brick,1,1,`)[0]).toMatchObject({
      line: 2,
      field: 'with',
    });
    expect(problemsOf(`${head}yesterday,Wren,,fine plate,1,1,`)[0]).toMatchObject({
      field: 'started',
    });
    expect(problemsOf(`${head}2099-01-01,Wren,,fine plate,1,1,`)[0]!.message).toBe(
      'must not lie ahead',
    );
    expect(problemsOf(`${head}2026-10-30,Bracken,,diamond rod,1,1,`)[0]).toMatchObject({
      field: 'edge',
    });
    const broken = `${head}2026-10-30,Wren,,fine plate,1,1,\n2026-10-31,Wren,,fine plate,-4,x,razor`;
    expect(problemsOf(broken)).toEqual([expect.objectContaining({ line: 3, field: 'before' })]);
    const numbers = `${head}2026-10-31,Wren,,fine plate,-4,x,`;
    expect(problemsOf(numbers).map(({ line, field }) => [line, field])).toEqual([
      [2, 'left'],
      [2, 'right'],
    ]);
    expect(problemsOf('a,b\n1,2')[0]!.message).toMatch(/first row must name/);
    expect(problemsOf('')[0]!.message).toMatch(/holds no rows/);
  });

  it('refuses anything else in words, whatever it is', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400 }), (text) => {
        const reading = read(`started,tool,with\n${text}`);
        if (reading.ok) return;
        expect(reading.problems.length).toBeGreaterThan(0);
        for (const { line, message } of reading.problems) {
          expect(line).toBeGreaterThan(0);
          expect(message).not.toBe('');
        }
      }),
      { numRuns: 200 },
    );
  });

  it('says tests of one look in one cell, and reads them again', () => {
    const place = fc.constantFrom(...EDGE_PLACES);
    const reading = fc.oneof(
      fc
        .record({ test: fc.constantFrom(...SHARPNESS_TESTS), place })
        .map(({ test, place: at }) => passedTest(test, at)),
      fc
        .record({ grams: fc.integer({ min: 1, max: 2000 }), place })
        .map(({ grams, place: at }) => readGrams(grams, at)),
    );
    fc.assert(
      fc.property(fc.array(reading, { maxLength: 6 }), (tests) => {
        expect(readTests(testText(tests))).toEqual(tests);
      }),
    );
  });
});
