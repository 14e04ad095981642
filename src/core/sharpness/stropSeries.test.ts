import fc from 'fast-check';
import { analyseStropSeries, stropGrams, type StropFit } from './stropSeries';

const usual: StropFit = { keenG: 100, burrG: 180, tau: 12, roundingGPerStroke: 0.9 };

/** Readings on a known curve, with a spread that is the same every time. */
function series(fit: StropFit, counts: readonly number[], noise: readonly number[] = [0]) {
  return counts.map((strokes, i) => ({
    strokes,
    grams: stropGrams(fit, strokes) + noise[i % noise.length]!,
  }));
}

describe('a series on one strop', () => {
  it('finds the best count: c 100, A 180, τ 12, B 0.9 → 33.8', () => {
    const found = analyseStropSeries({
      readings: series(usual, [0, 5, 10, 20, 30, 40, 60, 80, 120]),
      noiseGrams: 5,
    });
    expect(found).toMatchObject({ verdict: 'past-it', isLowerBound: false });
    if (found.verdict !== 'past-it') return;
    expect(found.bestStrokes).toBeCloseTo(33.8, 1);
    expect(found.strokesPast).toBeCloseTo(86.2, 1);
    expect(found.lostG).toBeCloseTo(stropGrams(usual, 120) - stropGrams(usual, 33.8), 1);
  });

  it.each([
    [[0, 4, 8, 12, 16], 'keep-going'],
    [[0, 8, 16, 24, 32, 36], 'stop'],
    [[0, 10, 20, 30, 60, 90], 'past-it'],
  ] as const)('at %j says %s', (counts, verdict) => {
    const found = analyseStropSeries({ readings: series(usual, counts), noiseGrams: 8 });
    expect(found.verdict).toBe(verdict);
  });

  it('calls a best count beyond the last reading a lower bound', () => {
    const found = analyseStropSeries({ readings: series(usual, [0, 3, 6, 9, 12]), noiseGrams: 4 });
    expect(found).toMatchObject({ verdict: 'keep-going', isLowerBound: true, strokesPast: 0 });
    const noRounding = { ...usual, roundingGPerStroke: 0 };
    const endless = analyseStropSeries({
      readings: series(noRounding, [0, 10, 20, 30, 40]),
      noiseGrams: 4,
    });
    expect(endless).toMatchObject({ isLowerBound: true });
    if (endless.verdict === 'stop') expect(endless.bestStrokes).toBeGreaterThanOrEqual(40);
  });

  it('says no effect where noise would do as well', () => {
    const flat = { ...usual, burrG: 0, roundingGPerStroke: 0 };
    const readings = series(flat, [0, 5, 10, 15, 20, 25], [6, -7, 4, -3, 7, -6]);
    expect(analyseStropSeries({ readings, noiseGrams: 8 })).toEqual({
      verdict: 'no-effect',
      meanG: expect.closeTo(100, 0) as number,
    });
  });

  it('with fewer than five counts says what has changed, and never calls noise a change', () => {
    const grams = (...values: number[]) => values.map((g, i) => ({ strokes: 5 * i, grams: g }));
    const judged = (readings: { strokes: number; grams: number }[]) =>
      analyseStropSeries({ readings, noiseGrams: 10 });
    const fewer = { verdict: 'too-few' };
    expect(judged(grams(200))).toEqual({ ...fewer, countsMissing: 4, change: 'none' });
    expect(judged(grams(200, 190))).toEqual({ ...fewer, countsMissing: 3, change: 'none' });
    expect(judged(grams(200, 150, 130))).toEqual({ ...fewer, countsMissing: 2, change: 'keener' });
    expect(judged(grams(130, 150, 160))).toEqual({ ...fewer, countsMissing: 2, change: 'duller' });
    // The same count five times over is one count.
    const one = Array.from({ length: 5 }, () => ({ strokes: 4, grams: 120 }));
    expect(judged(one)).toMatchObject({ ...fewer, countsMissing: 4 });
  });

  it('finds the curve that made the readings, whichever it was', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 60, max: 200, noNaN: true }),
        fc.double({ min: 80, max: 300, noNaN: true }),
        fc.double({ min: 5, max: 30, noNaN: true }),
        fc.double({ min: 0.3, max: 2, noNaN: true }),
        (keenG, burrG, tau, roundingGPerStroke) => {
          const fit = { keenG, burrG, tau, roundingGPerStroke };
          const found = analyseStropSeries({
            readings: series(fit, [0, 5, 10, 15, 25, 40, 60, 90, 130, 180]),
            noiseGrams: 3,
          });
          const best = tau * Math.log(burrG / (roundingGPerStroke * tau));
          if (found.verdict === 'no-effect' || found.verdict === 'too-few') return false;
          return Math.abs(found.bestStrokes - Math.max(0, best)) < 0.5;
        },
      ),
      { numRuns: 100 },
    );
  });

  it('is unmoved by the order of its readings', () => {
    const readings = series(usual, [0, 10, 20, 40, 80], [3, -4, 2]);
    const judged = analyseStropSeries({ readings, noiseGrams: 6 });
    expect(analyseStropSeries({ readings: [...readings].reverse(), noiseGrams: 6 })).toEqual(
      judged,
    );
  });

  it.each([
    [{ readings: [], noiseGrams: 5 }, /readings must hold/],
    [{ readings: [{ strokes: -1, grams: 100 }], noiseGrams: 5 }, /strokes must be 0 or more/],
    [{ readings: [{ strokes: 0, grams: 0 }], noiseGrams: 5 }, /grams must be more than 0/],
    [{ readings: [{ strokes: 0, grams: 90 }], noiseGrams: 0 }, /noiseGrams must be more than 0/],
  ])('refuses %j', (input, words) => {
    expect(() => analyseStropSeries(input)).toThrow(words);
  });
});
