import fc from 'fast-check';
import { equivalentGrades, isTradeValue, particleSizeUm } from '..';
import { NUMBERED_SCALES } from '../../domain/terms';
import { GRADE_TABLES } from './gradeTables';

describe('particle size', () => {
  it('reads every table at its entries', () => {
    expect(particleSizeUm({ scale: 'fepa-p', grade: 600 })).toBe(25.8);
    expect(particleSizeUm({ scale: 'fepa-f', grade: 600 })).toBe(9.3);
    expect(particleSizeUm({ scale: 'cami', grade: 600 })).toBe(16);
    expect(particleSizeUm({ scale: 'jis', grade: 1000 })).toBe(11.5);
    expect(particleSizeUm({ scale: 'mesh', grade: 600 })).toBeCloseTo(24.8, 1);
    expect(particleSizeUm({ scale: 'micron', grade: 3 })).toBe(3);
    expect(particleSizeUm({ scale: 'natural', grade: 'soft-novaculite' })).toBe(18);
  });

  it('falls as the grade rises, on every scale and between entries', () => {
    const tabled = fc.constantFrom(...(Object.keys(GRADE_TABLES) as (keyof typeof GRADE_TABLES)[]));
    fc.assert(
      fc.property(tabled, fc.double({ min: 0, max: 0.98, noNaN: true }), (scale, share) => {
        const table = GRADE_TABLES[scale];
        const first = table[0]![0];
        const last = table.at(-1)![0];
        const grade = first + share * (last - first);
        const finer = first + (share + 0.02) * (last - first);
        expect(particleSizeUm({ scale, grade: finer })).toBeLessThan(
          particleSizeUm({ scale, grade }),
        );
      }),
    );
  });

  it.each(NUMBERED_SCALES)('refuses grades outside %s by name', (scale) => {
    expect(() => particleSizeUm({ scale, grade: 100_000 })).toThrow('grade must be from');
    expect(() => particleSizeUm({ scale, grade: NaN })).toThrow(RangeError);
  });

  it('asks for µm where mesh labels cannot be trusted', () => {
    expect(() => particleSizeUm({ scale: 'mesh', grade: 1200 })).toThrow('enter the size in µm');
  });

  it('marks the sellers’ own grades', () => {
    expect(isTradeValue({ scale: 'fepa-p', grade: 5000 })).toBe(true);
    expect(isTradeValue({ scale: 'fepa-p', grade: 2500 })).toBe(false);
    expect(isTradeValue({ scale: 'cami', grade: 1200 })).toBe(false);
  });
});

describe('equivalent grades', () => {
  it('reads across the ruler', () => {
    const grades = Object.fromEntries(
      equivalentGrades({ sizeUm: 16 }).map(({ scale, grade }) => [scale, grade]),
    );
    expect(grades).toEqual({ 'fepa-p': 1200, 'fepa-f': 400, cami: 600, jis: 700 });
  });

  it('gives back every printed grade', () => {
    for (const scale of Object.keys(GRADE_TABLES) as (keyof typeof GRADE_TABLES)[]) {
      for (const [grade, sizeUm] of GRADE_TABLES[scale]) {
        expect(equivalentGrades({ sizeUm })).toContainEqual(
          expect.objectContaining({ scale, grade }),
        );
      }
    }
  });

  it('leaves out the scales that do not reach so far', () => {
    expect(equivalentGrades({ sizeUm: 1 }).map(({ scale }) => scale)).toEqual(['fepa-f', 'jis']);
  });
});
