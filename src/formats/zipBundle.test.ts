import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { newRecord } from '../domain/newRecord';
import type { Photo } from '../domain/photo';
import type { AllRecords } from '../domain/records';
import { sample } from '../testing/sample';
import { isZip, readZip, writeZip } from './zipBundle';

const at = '2026-11-23T08:00:00.000Z';

/** A picture by its bytes between the first and the last marker. */
function photo(id: string, inner: Uint8Array): Photo {
  const bytes = Uint8Array.of(0xff, 0xd8, ...inner, 0xff, 0xd9);
  const dataUrl = `data:image/jpeg;base64,${Buffer.from(bytes).toString('base64')}`;
  return {
    ...newRecord(id, at),
    toolId: 'wren',
    takenAt: at,
    dataUrl,
    caption: '',
    entry: null,
    stage: null,
    scale: null,
  };
}

const with_ = (photos: Photo[]): AllRecords => ({ ...sample, photos });
const repacked = (bytes: Uint8Array, change: (files: Record<string, Uint8Array>) => void) => {
  const files = unzipSync(bytes);
  change(files);
  return zipSync(files);
};

it('any pictures come back as they were, each content packed once', () => {
  fc.assert(
    fc.property(
      fc.array(fc.uint8Array({ maxLength: 20_000 }), { minLength: 1, maxLength: 4 }),
      (contents) => {
        const photos = [...contents, ...contents].map((own, i) => photo(`p${i}`, own));
        const bytes = writeZip(with_(photos), at);
        expect(isZip(bytes)).toBe(true);
        const names = Object.keys(unzipSync(bytes)).filter((name) => name.endsWith('.jpg'));
        expect(names).toHaveLength(new Set(photos.map(({ dataUrl }) => dataUrl)).size);
        const reading = readZip(bytes);
        expect(reading.ok && reading.bundle.records.photos).toEqual(photos);
        expect(reading.ok && reading.bundle.records.tools).toEqual(sample.tools);
      },
    ),
    { numRuns: 10 },
  );
});

it('the same records give the same file', () => {
  const records = with_([photo('a', Uint8Array.of(1, 2, 3))]);
  expect(writeZip(records, at)).toEqual(writeZip(records, at));
});

describe('a ZIP that is not whole is refused whole', () => {
  const bytes = writeZip(with_([photo('a', Uint8Array.of(1, 2, 3))]), at);
  const refusal = (own: Uint8Array): string => {
    const reading = readZip(own);
    if (reading.ok) throw new Error('was read');
    expect(reading.problems).toHaveLength(1);
    const [{ line, field, message }] = reading.problems as [(typeof reading.problems)[0]];
    return `${line} ${field} ${message}`;
  };

  it('cut off, of something else, without its data', () => {
    expect(refusal(bytes.slice(0, bytes.length / 2))).toBe(
      '1 file is a ZIP that is cut off or damaged: export it again',
    );
    expect(refusal(zipSync({ 'letter.txt': strToU8('hello') }))).toContain(
      'holds no open-trail.json',
    );
  });

  it('without a picture, or with something else in its place: at the line of its record', () => {
    const line =
      1 +
      strFromU8(unzipSync(bytes)['open-trail.json']!)
        .split('\n')
        .findIndex((own) => own.includes('"pictures/1.jpg"'));
    expect(refusal(repacked(bytes, (files) => delete files['pictures/1.jpg']))).toBe(
      `${line} dataUrl pictures/1.jpg is not in the ZIP: put it back, or take its record out`,
    );
    expect(
      refusal(repacked(bytes, (files) => (files['pictures/1.jpg'] = strToU8('<svg/>')))),
    ).toContain('is no JPEG picture');
  });

  it('with a fault in its data: at its own line', () => {
    const worse = repacked(bytes, (files) => {
      const data = strFromU8(files['open-trail.json']!);
      files['open-trail.json'] = strToU8(data.replace(/"edgeLengthMm": \d+/, '"edgeLengthMm": -7'));
    });
    expect(refusal(worse)).toMatch(/^\d+ tools\[0\]\.edgeLengthMm must be at least 20$/);
  });
});
