import fc from 'fast-check';
import { equivalentGrades, isTradeValue, particleSizeUm, soakMl, stoneDensity } from '.';
import { gradeSchema } from '../../domain/grade';
import { MOST_MESH, NUMBERED_SCALES, SCALE_LIMITS } from '../../domain/terms';
import { GRADE_TABLES } from './gradeTables';

const gradeAt = (number: number) =>
  ({ scale: 'micron', number, named: null, finestUm: null, coarsestUm: null }) as const;

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

  it('goes by 14 900 / mesh beyond the table too, and says that labels differ there', () => {
    expect(particleSizeUm({ scale: 'mesh', grade: 1200 })).toBeCloseTo(14_900 / 1200, 9);
    expect(isTradeValue({ scale: 'mesh', grade: 1200 })).toBe(true);
    expect(isTradeValue({ scale: 'mesh', grade: 600 })).toBe(false);
  });

  it('limits in forms and files are those of the tables', () => {
    for (const [scale, table] of Object.entries(GRADE_TABLES)) {
      const limits = SCALE_LIMITS[scale as keyof typeof GRADE_TABLES];
      expect(limits).toEqual([table[0]![0], table.at(-1)![0]]);
    }
    for (const scale of NUMBERED_SCALES) {
      const [least, most] = SCALE_LIMITS[scale];
      // A shelf takes the trade's numbers no further than its table.
      for (const grade of [least, scale === 'mesh' ? MOST_MESH : most]) {
        expect(particleSizeUm({ scale, grade })).toBeGreaterThan(0);
        const shelf = { scale, number: grade, named: null, finestUm: null, coarsestUm: null };
        expect(gradeSchema.isValidSync(shelf, { strict: true })).toBe(true);
      }
    }
  });

  it('a number outside its scale is refused with the range and the remedy', () => {
    const typed = { scale: 'cami', number: 3000, named: null, finestUm: null, coarsestUm: null };
    expect(() => gradeSchema.validateSync(typed, { strict: true })).toThrow(
      /from 60 to 1200 on this scale: .*span of µm/,
    );
  });

  it('marks the sellers’ own grades', () => {
    expect(isTradeValue({ scale: 'fepa-p', grade: 5000 })).toBe(true);
    expect(isTradeValue({ scale: 'fepa-p', grade: 2500 })).toBe(false);
    expect(isTradeValue({ scale: 'cami', grade: 1200 })).toBe(false);
  });
});

describe('natural stones and water', () => {
  const brick = { lengthMm: 100, widthMm: 50, thicknessMm: 20 };

  it('a novaculite cuts the finer, the denser it is', () => {
    const size = (grade: number) => particleSizeUm({ scale: 'density', grade });
    expect([2.25, 2.45, 2.6].map(size)).toEqual([18, 8, 4]);
    fc.assert(
      fc.property(fc.double({ min: 2, max: 2.7, noNaN: true }), (density) => {
        expect(size(density + 0.01)).toBeLessThan(size(density));
      }),
    );
    expect(() => size(3.2)).toThrow(RangeError);
  });

  it('density comes from weight and measures, where they are those of a stone', () => {
    expect(stoneDensity({ ...brick, massG: 245 })).toBeCloseTo(2.45, 9);
    expect(stoneDensity({ ...brick, massG: 90 })).toBeNull();
  });

  it('a water stone soaks up a fifth of itself unless it was measured; others nothing', () => {
    const face = { id: 'a', name: 'a', grade: gradeAt(12), state: 'normal' } as const;
    const item = { ...brick, soakMl: null, faces: [{ ...face, family: 'water-stone' as const }] };
    expect(soakMl(item)).toBe(20);
    expect(soakMl({ ...item, soakMl: 35 })).toBe(35);
    expect(soakMl({ ...item, faces: [{ ...face, family: 'diamond' }] })).toBe(0);
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
