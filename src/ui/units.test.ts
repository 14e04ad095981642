import fc from 'fast-check';
import { chipDepth, fineMm, grams, mm, newtons, placeMm, thinMm } from './format';
import { inchFraction, setUnits, typedNumber } from './units';

afterEach(() => setUnits('metric'));

describe('the units that a person chose', () => {
  it('are metric, in tenths, hundredths and thousandths as each measure deserves', () => {
    expect([mm(8.25), mm(120.4), placeMm(92.4), fineMm(0.4), thinMm(0.1234)]).toEqual([
      '8.3 mm',
      '120 mm',
      '92 mm',
      '0.40 mm',
      '0.123 mm',
    ]);
    expect([chipDepth(0.25), grams(41.4), newtons(4.25)]).toEqual(['0.25 mm', '41 g', '4.3 N']);
  });

  it('or inches in fractions, thousandths near the edge, ounces and pounds-force', () => {
    setUnits('imperial');
    expect([mm(8.25), mm(120.4), mm(0.6), placeMm(92.4)]).toEqual([
      '21/64 in',
      '4 3/4 in',
      '0.024 in',
      '3 5/8 in',
    ]);
    expect([fineMm(0.4), thinMm(0.1234), chipDepth(0.25)]).toEqual([
      '0.016 in',
      '0.0049 in',
      '0.010 in',
    ]);
    expect([grams(41.4), grams(1000), newtons(4.25)]).toEqual(['1.5 oz', '2 lb 3 oz', '1.0 lbf']);
  });

  it('read what a person types, in fractions and with either decimal sign', () => {
    expect(['4 3/8', '3/8', '4.375', '4,375', ' 12 '].map(typedNumber)).toEqual([
      4.375, 0.375, 4.375, 4.375, 12,
    ]);
    for (const odd of ['', 'x', '3/', '1/2/3', '4 3']) expect(typedNumber(odd)).toBeNaN();
  });

  it('write a fraction that reads back as the nearest of its kind', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1000, noNaN: true }), (lengthMm) => {
        for (const parts of [16, 64] as const) {
          const back = typedNumber(inchFraction(lengthMm, parts)) * 25.4;
          expect(Math.abs(back - lengthMm)).toBeLessThanOrEqual(25.4 / parts / 2 + 1e-9);
        }
      }),
    );
  });
});
