import { identifier } from './fields';
import { gradeSchema } from './grade';
import { abrasiveSchema } from './shelf';
import { testSchema } from './session';
import { toolSchema } from './tool';
import { typicalTool } from './typicalTools';
import { TOOL_KINDS } from './kinds';

const at = '2026-11-23T08:00:00.000Z';
const record = { id: 'x', createdAt: at, updatedAt: at, deletedAt: null };

function problem(schema: { validateSync: (v: unknown, o: object) => unknown }, value: unknown) {
  try {
    schema.validateSync(value, { strict: true });
    return null;
  } catch (error) {
    return (error as Error).message;
  }
}

describe('a tool', () => {
  it.each(TOOL_KINDS)('comes with usual measures: %s', (kind) => {
    expect(problem(toolSchema, { ...record, ...typicalTool(kind, kind) })).toBeNull();
  });

  const tool = { ...record, ...typicalTool('flat-knife', 'Sprig') };
  const withZone = (change: object) => ({ ...tool, zones: [{ ...tool.zones[0]!, ...change }] });

  it.each([
    [{ bevelAngleDeg: 61 }, 'zones[0].bevelAngleDeg must be at most 60'],
    [{ bevelAngleDeg: '20' }, 'bevelAngleDeg must be a number'],
    [{ primaryAngleDeg: 20 }, 'primaryAngleDeg must be less than the bevel angle'],
    [{ microBevel: { angleDeg: 20, faceWidthMm: 0.3 } }, 'must be more than the bevel angle'],
    [{ endMm: 0 }, 'endMm must lie beyond the start of the stretch'],
    [{ grind: 'chisel' }, 'grind must be one of: scandi, convex, secondary-bevel, hollow'],
  ])('refuses a zone with %j', (change, message) => {
    expect(problem(toolSchema, withZone(change))).toContain(message);
  });

  it('has an edge and a name', () => {
    expect(problem(toolSchema, { ...tool, zones: [] })).toContain('at least one stretch');
    expect(problem(toolSchema, { ...tool, name: '' })).toContain('name must not be empty');
  });
});

describe('a grade', () => {
  const none = { number: null, named: null, finestUm: null, coarsestUm: null };

  it.each([
    [{ scale: 'fepa-p', ...none }, 'enter the number printed on it'],
    [{ scale: 'natural', ...none }, 'choose what kind'],
    [{ scale: 'range', ...none }, 'enter the finest size'],
    [{ scale: 'range', ...none, finestUm: 30, coarsestUm: 18 }, 'must not be below the finest'],
  ])('refuses %j', (grade, message) => {
    expect(problem(gradeSchema, grade)).toContain(message);
  });

  it('is a number, a name or a range', () => {
    expect(problem(gradeSchema, { ...none, scale: 'jis', number: 1000 })).toBeNull();
    expect(problem(gradeSchema, { ...none, scale: 'natural', named: 'beach-pebble' })).toBeNull();
    const range = { ...none, scale: 'range', finestUm: 18, coarsestUm: 30 };
    expect(problem(gradeSchema, range)).toBeNull();
  });

  it('belongs to a stone that goes with at least one lubricant', () => {
    expect(problem(abrasiveSchema, { ...record, lubricants: [] })).not.toBeNull();
  });
});

it('a test is one reading, not two and not none', () => {
  const test = (change: object) =>
    problem(testSchema, {
      test: null,
      grams: null,
      place: 'whole',
      shaves: null,
      strokes: null,
      ...change,
    });
  expect(test({ test: 'shaves' })).toBeNull();
  expect(test({ grams: 160 })).toBeNull();
  expect(test({})).toContain('either a test or grams');
  expect(test({ test: 'shaves', grams: 160 })).toContain('either a test or grams');
});

it.each(['constructor', '__proto__', 'toString', '', ' x', 'a\nb', 'x'.repeat(65)])(
  'an id of %j is refused',
  (id) => {
    expect(identifier().isValidSync(id, { strict: true })).toBe(false);
  },
);

it('an id may be what the application makes, and what it has made before', () => {
  for (const id of ['wren', '-V1StGXR8_Z5jdHi6B-myT', 'pocket-plate/medium', 'entry-15'])
    expect(identifier().isValidSync(id, { strict: true })).toBe(true);
});
