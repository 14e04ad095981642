import fc from 'fast-check';
import {
  apexFromGrams,
  bestStropStrokes,
  estimateApex,
  finishRadiusUm,
  gramsFromApex,
  stropRadiusUm,
  stropRates,
  stroppedRadiusUm,
} from '..';

describe('finish', () => {
  it('agrees with the tests people know', () => {
    const jis1000 = finishRadiusUm({ sizeUm: 11.5, burr: 'alternating strokes' });
    expect(jis1000).toBeLessThan(2); // slices paper
    expect(stroppedRadiusUm({ stropSizeUm: 1, stoneSizeUm: 11.5 })).toBeLessThan(0.5); // shaves
    expect(finishRadiusUm({ sizeUm: 3, burr: 'deburred' })).toBeLessThan(0.5);
    expect(finishRadiusUm({ sizeUm: 0.7, burr: 'deburred' })).toBeLessThan(0.2); // pops hair
  });
});

describe('strop', () => {
  const leather = stropRates({
    forceN: 4,
    backing: 'leather-on-wood',
    hardnessHrc: 58,
    stainless: false,
  });

  it('has its best count, before which it helps and after which it harms', () => {
    const best = bestStropStrokes({ burrUm: 0.5, ...leather });
    expect(Math.round(best)).toBe(34);
    const grams = (strokes: number) =>
      gramsFromApex({
        apexRadiusUm: stropRadiusUm({ keenUm: 0.24, burrUm: 0.5, ...leather, strokes }),
      });
    expect(Math.round(grams(0))).toBe(168);
    expect(Math.round(grams(best))).toBe(115);
    expect(Math.round(grams(200))).toBe(168);
  });

  it('rounds sooner with force, softness or steepness', () => {
    const base = {
      forceN: 4,
      backing: 'leather-on-wood',
      hardnessHrc: 58,
      stainless: false,
    } as const;
    const best = (change: Partial<Parameters<typeof stropRates>[0]>) =>
      bestStropStrokes({ burrUm: 0.5, ...stropRates({ ...base, ...change }) });
    for (const change of [{ forceN: 12 }, { backing: 'slack' }, { holdAboveApexDeg: 3 }] as const) {
      expect(best(change)).toBeLessThan(best({}));
    }
    expect(best({ hardnessHrc: 62 })).toBeLessThan(best({}));
    expect(best({ hardnessHrc: 54, stainless: true })).toBeGreaterThan(best({}));
    expect(bestStropStrokes({ burrUm: 0, ...leather })).toBe(0);
  });
});

describe('apex estimate', () => {
  it('takes one test at its centre', () => {
    const shaves = estimateApex({ tests: [{ test: 'shaves' }] });
    expect(shaves.apexRadiusUm).toBeCloseTo(0.5, 9);
    expect(shaves.highUm / shaves.apexRadiusUm).toBeCloseTo(Math.exp(0.35), 9);
  });

  it('inverts the gram reading', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.06, max: 15, noNaN: true }), (r) => {
        expect(apexFromGrams({ grams: gramsFromApex({ apexRadiusUm: r }) })).toBeCloseTo(r, 6);
      }),
    );
    expect(apexFromGrams({ grams: 40 })).toBe(0.05);
  });

  it('narrows where readings agree and widens where they do not', () => {
    const one = estimateApex({ tests: [{ test: 'shaves' }] });
    const two = estimateApex({ tests: [{ test: 'shaves' }, { test: 'shaves' }] });
    const split = estimateApex({ tests: [{ test: 'pops-hair' }, { test: 'blunt' }] });
    expect(two.sdLn).toBeLessThan(one.sdLn);
    expect(split.sdLn).toBeGreaterThan(one.sdLn);
    expect(() => estimateApex({ tests: [] })).toThrow('tests');
  });

  it('puts the median between its readings', () => {
    const test = fc.constantFrom('pops-hair', 'shaves', 'slices-paper', 'blunt');
    fc.assert(
      fc.property(fc.array(test, { minLength: 1, maxLength: 6 }), (tests) => {
        const all = tests.map((t) => estimateApex({ tests: [{ test: t }] }).apexRadiusUm);
        const { apexRadiusUm, lowUm, highUm } = estimateApex({
          tests: tests.map((t) => ({ test: t })),
        });
        expect(apexRadiusUm).toBeGreaterThanOrEqual(Math.min(...all) - 1e-9);
        expect(apexRadiusUm).toBeLessThanOrEqual(Math.max(...all) + 1e-9);
        expect(lowUm).toBeLessThan(highUm);
      }),
    );
  });
});
