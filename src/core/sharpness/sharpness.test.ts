import fc from 'fast-check';
import {
  sizeForFinishUm,
  dulledEdge,
  bestStropStrokes,
  finishRadiusUm,
  stropRadiusUm,
  stropRates,
  stroppedRadiusUm,
  apexFromGrams,
  passedTest,
  estimateApex,
  gramsFromApex,
} from '.';

describe('finish', () => {
  const alternated = (sizeUm: number) => finishRadiusUm({ sizeUm, burr: 'alternating strokes' });

  it('agrees with the tests people know: the worked examples', () => {
    expect(alternated(10)).toBeCloseTo(0.59, 2);
    expect(passedTest({ apexRadiusUm: alternated(10) })).toBe('shaves');
    expect(alternated(40)).toBeCloseTo(1.06, 2);
    expect(passedTest({ apexRadiusUm: alternated(40) })).toBe('push-cuts-newsprint');
    expect(stroppedRadiusUm({ stropSizeUm: 1, stoneSizeUm: 1 })).toBeCloseTo(0.18, 2);
    expect(passedTest({ apexRadiusUm: 0.18 })).toBe('pops-hair');
    expect(stroppedRadiusUm({ stropSizeUm: 1, stoneSizeUm: 40 })).toBeCloseTo(0.46, 2);
  });

  it('behind a file a strop lays nothing bare', () => {
    const file = finishRadiusUm({ sizeUm: 110, burr: 'deburred' });
    expect(stroppedRadiusUm({ stropSizeUm: 1, stoneSizeUm: 110 })).toBeCloseTo(file, 9);
  });

  it('of an apex radius is a size, both ways, within bounds', () => {
    fc.assert(
      fc.property(fc.double({ min: 1.1, max: 69, noNaN: true }), (sizeUm) => {
        expect(sizeForFinishUm({ apexRadiusUm: alternated(sizeUm) })).toBeCloseTo(sizeUm, 6);
      }),
    );
    expect(sizeForFinishUm({ apexRadiusUm: 20 })).toBe(70);
    expect(sizeForFinishUm({ apexRadiusUm: 0.1 })).toBe(1);
  });

  it('passes the test whose centre is nearest', () => {
    expect(passedTest({ apexRadiusUm: 0.7 })).toBe('shaves');
    expect(passedTest({ apexRadiusUm: 0.72 })).toBe('push-cuts-newsprint');
    expect(passedTest({ apexRadiusUm: 1.4 })).toBe('push-cuts-newsprint');
    expect(passedTest({ apexRadiusUm: 1.42 })).toBe('slices-paper');
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

  it('loaded takes rounding back as well: the worked example', () => {
    const loaded = { ...leather, loaded: true };
    const best = bestStropStrokes({ burrUm: 0.5, keenUm: 0.24, ...loaded });
    expect(Math.round(best)).toBe(37);
    const grams = (strokes: number) =>
      gramsFromApex({
        apexRadiusUm: stropRadiusUm({ keenUm: 0.24, burrUm: 0.5, ...loaded, strokes }),
      });
    expect(Math.round(grams(best))).toBe(114);
    expect(Math.round(grams(200))).toBe(138);
  });

  it('takes burr and foil off a dulled edge up to a bound; the rest is rounding', () => {
    expect(dulledEdge({ keenUm: 0.5, apexRadiusUm: 1 })).toMatchObject({ burrUm: 0.45 });
    const blunt = dulledEdge({ keenUm: 0.5, apexRadiusUm: 15 });
    expect(blunt.burrUm).toBe(1.5);
    expect(blunt.roundingUm).toBeCloseTo(13, 9);
  });

  it('of cloth yields, whatever lies under it', () => {
    const rates = (surface: 'cloth' | 'leather') =>
      stropRates({ forceN: 4, backing: 'hard', surface, hardnessHrc: 58, stainless: false });
    expect(rates('cloth').betaUm).toBe(2 * rates('leather').betaUm);
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
