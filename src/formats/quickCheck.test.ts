import fc from 'fast-check';
import { RECORD_SCHEMAS } from '../domain/records';
import { STORE_NAMES } from '../domain/storeNames';
import { sample } from '../testing/sample';
import { quickCheck } from './quickCheck';
import { recordFaults } from './recordFaults';

type Loose = Record<string, unknown>;

const records = STORE_NAMES.flatMap((store) =>
  sample[store].slice(0, 12).map((record) => ({ store, record: record as Loose })),
);

const odd = fc.oneof(
  fc.constantFrom(null, undefined, true, -1, 0, 1.5, 1e308, NaN, '', 'x', ' wren ', [], {}, [null]),
  fc.constantFrom('2026-02-30T10:00:00Z', '2026-02-28T25:00:00Z', '2026-05-04', 'constructor'),
);

/** A record with one value, anywhere in it, put in the place of another. */
function changed(record: Loose, steps: readonly number[], value: unknown, isNew: boolean): Loose {
  const copy = structuredClone(record);
  let place: Loose = copy;
  for (const step of steps) {
    const keys = Object.keys(place).filter(
      (key) => typeof place[key] === 'object' && place[key] !== null,
    );
    if (keys.length === 0) break;
    place = place[keys[step % keys.length]!] as Loose;
  }
  const keys = Object.keys(place);
  place[isNew || keys.length === 0 ? 'unheard' : keys[(steps[0] ?? 0) % keys.length]!] = value;
  return copy;
}

it('passes what Yup passes and nothing else, whatever stands in a record', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...records),
      fc.array(fc.nat(40), { maxLength: 5 }),
      odd,
      fc.boolean(),
      ({ store, record }, steps, value, isNew) => {
        const schema = RECORD_SCHEMAS[store];
        const given = changed(record, steps, value, isNew && steps.length % 2 === 0);
        expect(quickCheck(schema)(given)).toBe(recordFaults(schema, given).length === 0);
      },
    ),
    { numRuns: 1500 },
  );
});

it('passes every record of the sample', () => {
  for (const { store, record } of records)
    expect(quickCheck(RECORD_SCHEMAS[store])(record)).toBe(true);
});

it('asks tests of whole parts, which say where they refuse, as Yup does', () => {
  const stone = sample.abrasives.find(({ faces }) => faces[0]!.grade.scale === 'range')!;
  const withGrade = (grade: object) => ({
    ...stone,
    faces: stone.faces.map((face) => ({ ...face, grade: { ...face.grade, ...grade } })),
  });
  expect(quickCheck(RECORD_SCHEMAS.abrasives)(withGrade({ finestUm: null }))).toBe(false);
  expect(quickCheck(RECORD_SCHEMAS.abrasives)(withGrade({ finestUm: 99 }))).toBe(false);
  expect(quickCheck(RECORD_SCHEMAS.abrasives)(withGrade({}))).toBe(true);
});

it('weighs a field by the one that it hangs on', () => {
  const [tool] = structuredClone(sample.tools) as [(typeof sample.tools)[number]];
  const check = quickCheck(RECORD_SCHEMAS.tools);
  expect(check(tool)).toBe(true);
  const zones = [{ ...tool.zones[0]!, startMm: 10, endMm: 5 }];
  const steel = { ...tool.steel, hardnessLowHrc: 60, hardnessHighHrc: 50 };
  const spine = { ...tool.spine, startMm: 40, endMm: 20 };
  for (const part of [{ zones }, { steel }, { spine }])
    expect(check({ ...tool, ...part })).toBe(false);
});
