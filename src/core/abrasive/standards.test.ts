import fc from 'fast-check';
import { equivalentGrades, gradeSizeUm, particleSizeUm } from '.';
import type { NumberedScale } from '../../domain/terms';

/** Sizes as the standards publish them, in µm: read off again, apart from the tables in use. */
const PUBLISHED: [scale: NumberedScale, grade: number, sizeUm: number][] = [
  ['fepa-p', 40, 425],
  ['fepa-p', 60, 269],
  ['fepa-p', 80, 201],
  ['fepa-p', 120, 125],
  ['fepa-p', 180, 82],
  ['fepa-p', 240, 58.5],
  ['fepa-p', 320, 46.2],
  ['fepa-p', 400, 35],
  ['fepa-p', 600, 25.8],
  ['fepa-p', 800, 21.8],
  ['fepa-p', 1000, 18.3],
  ['fepa-p', 1500, 12.6],
  ['fepa-p', 2500, 8.4],
  ['fepa-f', 80, 185],
  ['fepa-f', 120, 109],
  ['fepa-f', 220, 58],
  ['fepa-f', 280, 36.5],
  ['fepa-f', 400, 17.3],
  ['fepa-f', 600, 9.3],
  ['fepa-f', 1000, 4.5],
  ['fepa-f', 2000, 1.2],
  ['cami', 60, 268],
  ['cami', 120, 116],
  ['cami', 220, 66],
  ['cami', 320, 36],
  ['cami', 600, 16],
  ['cami', 1000, 9.2],
  ['cami', 1200, 6.5],
  ['jis', 240, 57],
  ['jis', 400, 30],
  ['jis', 800, 14],
  ['jis', 1000, 11.5],
  ['jis', 2000, 6.7],
  ['jis', 4000, 3],
  ['jis', 6000, 2],
  ['jis', 8000, 1.2],
];

it.each(PUBLISHED)('%s %d is %d µm', (scale, grade, sizeUm) => {
  expect(particleSizeUm({ scale, grade })).toBe(sizeUm);
});

it('the same number means different sizes on different scales', () => {
  const sizes = (['fepa-p', 'fepa-f', 'cami', 'jis'] as const).map((scale) =>
    particleSizeUm({ scale, grade: 600 }),
  );
  expect(Math.max(...sizes) / Math.min(...sizes)).toBeGreaterThan(2.5);
});

it('between two entries a size lies between theirs, on a log scale', () => {
  fc.assert(
    fc.property(fc.double({ min: 400, max: 500, noNaN: true }), (grade) => {
      const sizeUm = particleSizeUm({ scale: 'fepa-p', grade });
      expect(sizeUm).toBeLessThanOrEqual(35);
      expect(sizeUm).toBeGreaterThanOrEqual(30.2);
      const share = Math.log(grade / 400) / Math.log(500 / 400);
      expect(Math.log(sizeUm / 35) / Math.log(30.2 / 35)).toBeCloseTo(share, 6);
    }),
  );
});

it('every equivalent is within a quarter of the size asked for', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 400, noNaN: true }), (sizeUm) => {
      for (const equivalent of equivalentGrades({ sizeUm })) {
        const ratio = equivalent.sizeUm / sizeUm;
        expect(Math.max(ratio, 1 / ratio)).toBeLessThan(1.26);
      }
    }),
  );
});

it('a shelf grade is a number on its scale, a name, or the middle of a range', () => {
  const none = { number: null, named: null, finestUm: null, coarsestUm: null };
  expect(gradeSizeUm({ ...none, scale: 'jis', number: 1000 })).toBe(11.5);
  expect(gradeSizeUm({ ...none, scale: 'natural', named: 'bastard-file' })).toBe(100);
  expect(gradeSizeUm({ ...none, scale: 'range', finestUm: 18, coarsestUm: 32 })).toBe(24);
  expect(() => gradeSizeUm({ ...none, scale: 'mesh', number: 20_000 })).toThrow('grade');
});
