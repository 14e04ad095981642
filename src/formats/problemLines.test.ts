import fc from 'fast-check';
import { sample } from '../testing/sample';
import { readBundle, writeBundle } from './bundle';

const text = writeBundle(sample, '2026-11-23T08:00:00.000Z');
const lines = text.split('\n');

/** Lines that hold a measure which must not be negative. */
const measured = lines.flatMap((line, i) =>
  /"(massG|bladeWidthMm|lengthMm|left|right|sizeUm|depthMm|forceN)": \d/.test(line) ? [i] : [],
);

it('a wrong measure anywhere in the file is found at its own line, by its own name', () => {
  fc.assert(
    fc.property(fc.constantFrom(...measured), (index) => {
      const bad = [...lines];
      bad[index] = bad[index]!.replace(/: ([\d.]+)/, ': -7');
      const name = /"(\w+)"/.exec(bad[index]!)![1]!;
      const reading = readBundle(bad.join('\n'));
      expect(reading.ok).toBe(false);
      if (!reading.ok) {
        expect(reading.problems).toHaveLength(1);
        expect(reading.problems[0]).toMatchObject({ line: index + 1 });
        expect(reading.problems[0]!.field).toContain(name);
        expect(reading.problems[0]!.message).toMatch(/^must be at least/);
      }
    }),
    { numRuns: 12 },
  );
});

it('a word of another language in a closed list is named with the words that do', () => {
  const index = lines.findIndex((line) => line.includes('"grind": "scandi"'));
  const bad = [...lines];
  bad[index] = bad[index]!.replace('scandi', 'hohl');
  const reading = readBundle(bad.join('\n'));
  expect(reading).toMatchObject({
    ok: false,
    problems: [{ line: index + 1, message: expect.stringContaining('scandi, convex') }],
  });
});
