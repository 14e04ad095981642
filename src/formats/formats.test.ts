import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import fc from 'fast-check';
import published from '../../docs/formats/open-trail-data.schema.json';
import { RECORDS_VERSION, type AllRecords } from '../domain/records';
import { STORE_NAMES } from '../domain/storeNames';
import { sample } from '../testing/sample';
import versionEight from '../testing/versionEight.json';
import { defaultSettings } from '../core/defaultSettings';
import { readBundle, writeBundle } from './bundle';
import { bundleJsonSchema } from './jsonSchema';

const exportedAt = '2026-11-23T08:00:00.000Z';
const text = writeBundle(sample, exportedAt);

/** The sample file with one value changed at a path. */
function changed(path: (string | number)[], value: unknown): string {
  const file = JSON.parse(text) as Record<string, unknown>;
  let place: Record<string | number, unknown> = file;
  for (const key of path.slice(0, -1)) place = place[key] as Record<string | number, unknown>;
  if (value === undefined) delete place[path.at(-1)!];
  else place[path.at(-1)!] = value;
  return JSON.stringify(file, null, 2);
}

describe('the data file', () => {
  it('gives back what was written', () => {
    expect(readBundle(text)).toEqual({
      ok: true,
      bundle: { format: 'open-trail', formatVersion: RECORDS_VERSION, exportedAt, records: sample },
    });
  });

  it.each([
    [['records', 'tools', 0, 'zones', 0, 'bevelAngleDeg'], 95, 'bevelAngleDeg'],
    [['records', 'tools', 1, 'kind'], 'sword', 'tools[1].kind'],
    [['records', 'tools', 0, 'name'], undefined, 'tools[0]'],
    [['records', 'abrasives', 2, 'massG'], '48', 'abrasives[2].massG'],
    [['records', 'abrasives', 2, 'colour'], 'red', 'abrasives[2]'],
    [['records', 'sessions', 3, 'steps', 0, 'left'], -1, 'sessions[3].steps[0].left'],
    [['records', 'sessions', 3, 'startedAt'], 'yesterday', 'sessions[3].startedAt'],
    [['records', 'strops'], undefined, 'strops'],
    [['formatVersion'], RECORDS_VERSION + 1, 'formatVersion'],
    [['format'], 'other', 'format'],
  ])('refuses %j = %j and names the field', (path, value, field) => {
    const reading = readBundle(changed(path, value));
    expect(reading.ok).toBe(false);
    if (!reading.ok) expect(reading.problems.map((p) => p.field).join()).toContain(field);
  });

  it('names the line of a wrong value', () => {
    const bad = changed(['records', 'tools', 0, 'bladeWidthMm'], -3);
    const reading = readBundle(bad);
    const line = bad.split('\n').findIndex((l) => l.includes('"bladeWidthMm": -3')) + 1;
    expect(reading).toMatchObject({
      ok: false,
      problems: [{ line, field: 'tools[0].bladeWidthMm', message: 'must be at least 5' }],
    });
  });

  it('refuses two records with one id', () => {
    const file = JSON.parse(text) as { records: AllRecords };
    file.records.tools.push(file.records.tools[0]!);
    expect(readBundle(JSON.stringify(file))).toMatchObject({
      ok: false,
      problems: [{ message: expect.stringContaining('stands twice') }],
    });
  });

  it('labelled older than it is, is refused in words', () => {
    const file = JSON.parse(text) as object;
    const reading = readBundle(JSON.stringify({ ...file, formatVersion: RECORDS_VERSION - 1 }));
    expect(reading).toMatchObject({
      ok: false,
      problems: expect.arrayContaining([
        expect.objectContaining({
          field: 'tools[0]',
          message: expect.stringContaining(`set its formatVersion to ${RECORDS_VERSION}`),
        }),
      ]),
    });
  });

  /** The sample with something done to it as a whole. */
  const withRecords = (change: (records: AllRecords) => void): string => {
    const file = JSON.parse(text) as { records: AllRecords };
    change(file.records);
    return JSON.stringify(file, null, 2);
  };
  it.each<[string, (records: AllRecords) => void, string]>([
    [
      'two stretches of one id',
      ({ tools }) => {
        const tool = tools.find(({ zones }) => zones.length > 1)!;
        tool.zones[1]!.id = tool.zones[0]!.id;
      },
      'zones[1].id',
    ],
    [
      'two faces of one id',
      ({ abrasives }) => {
        const stone = abrasives.find(({ faces }) => faces.length > 1)!;
        stone.faces[1]!.id = stone.faces[0]!.id;
      },
      'faces[1].id',
    ],
    [
      'settings twice',
      (records) => {
        const own = defaultSettings('2026-01-01T00:00:00.000Z');
        records.settings = [own, { ...own, id: 'other' }];
      },
      'settings[1].id',
    ],
  ])('that could not be used is refused with its place: %s', (_what, change, field) => {
    const reading = readBundle(withRecords(change));
    expect(reading.ok).toBe(false);
    if (!reading.ok) {
      expect(reading.problems.map((p) => p.field).join()).toContain(field);
      expect(reading.problems.every(({ line }) => line > 1)).toBe(true);
    }
  });

  it('brings a facet into its stretch and a finding onto its edge, where a tool was measured anew', () => {
    let lookId = '';
    const reading = readBundle(
      withRecords(({ tools, inspections }) => {
        const facet = { angleDeg: 30, faceWidthMm: 0.3, startMm: 0, endMm: 900, kept: true };
        tools[0]!.zones[0]!.facet = facet;
        const look = inspections.find(({ seen }) => seen.findings.length > 0)!;
        look.seen.findings[0]!.atMm = 999;
        lookId = look.id;
      }),
    );
    expect(reading.ok).toBe(true);
    if (!reading.ok) return;
    const { tools, inspections } = reading.bundle.records;
    const [zone] = tools[0]!.zones;
    expect(zone!.facet!.endMm).toBe(zone!.endMm);
    const look = inspections.find(({ id }) => id === lookId)!;
    const tool = tools.find(({ id }) => id === look.toolId)!;
    expect(look.seen.findings[0]!.atMm).toBe(tool.edgeLengthMm);
  });

  it.each([
    ['0001-01-01T00:00:00.000Z', true],
    ['9999-12-31T23:59:59.000Z', true],
    ['10000-01-01T00:00:00.000Z', false],
    ['2026-02-29T10:00:00.000Z', false],
    ['2024-02-29T10:00:00.000Z', true],
  ])('takes days of the years 1 to 9999 that are on the calendar: %s', (at, isTaken) => {
    expect(readBundle(changed(['records', 'inspections', 0, 'at'], at)).ok).toBe(isTaken);
  });

  it('never breaks on a file cut off or garbled, and never takes half of it', () => {
    fc.assert(
      fc.property(fc.nat(text.length - 2), fc.string({ maxLength: 3 }), (cut, noise) => {
        const reading = readBundle(text.slice(0, cut) + noise);
        expect(reading.ok).toBe(false);
        if (!reading.ok) expect(reading.problems[0]!.line).toBeGreaterThan(0);
      }),
      { numRuns: 60 },
    );
    for (const odd of ['', 'null', '[]', '42', '"open-trail"', '{}']) {
      expect(readBundle(odd).ok).toBe(false);
    }
  });
});

describe('the published JSON Schema', () => {
  const ajv = new Ajv2020({ strict: false, allErrors: true });
  addFormats(ajv);
  const validate = ajv.compile(published);

  it('is the one that follows from the records', () => {
    expect(published).toEqual(JSON.parse(JSON.stringify(bundleJsonSchema())));
  });

  it('takes the sample crew', () => {
    validate(JSON.parse(text));
    expect(validate.errors).toBeNull();
  });

  it.each(STORE_NAMES.filter((name) => sample[name].length > 0))(
    'refuses in %s what the application refuses',
    (store) => {
      for (const key of Object.keys(sample[store][0]!)) {
        const bad = changed(['records', store, 0, key], undefined);
        expect(readBundle(bad).ok).toBe(false);
        expect(validate(JSON.parse(bad))).toBe(false);
      }
    },
  );
});

it('a file of the first version is brought into the present shapes', () => {
  const reading = readBundle(JSON.stringify(versionEight));
  expect(reading).toMatchObject({
    ok: true,
    bundle: { formatVersion: RECORDS_VERSION, records: { photos: [] } },
  });
});
