import fc from 'fast-check';
import { bestStropStrokes, stropRadiusUm, stropRates } from '.';
import { STROP_BACKINGS } from '../../domain/terms';

const conditions = fc.record({
  forceN: fc.double({ min: 1, max: 30, noNaN: true }),
  backing: fc.constantFrom(...STROP_BACKINGS),
  hardnessHrc: fc.integer({ min: 50, max: 64 }),
  stainless: fc.boolean(),
  holdAboveApexDeg: fc.double({ min: -4, max: 4, noNaN: true }),
  loaded: fc.boolean(),
});
const burr = fc.double({ min: 0.05, max: 3, noNaN: true });

it('the best count is never beaten by any other', () => {
  fc.assert(
    fc.property(conditions, burr, fc.nat(300), (c, burrUm, strokes) => {
      const rates = stropRates(c);
      const at = (n: number) => stropRadiusUm({ keenUm: 0.24, burrUm, ...rates, strokes: n });
      expect(at(bestStropStrokes({ burrUm, ...rates }))).toBeLessThanOrEqual(1.001 * at(strokes));
    }),
  );
});

it('a harder backing, a lighter hand and more burr put the best later', () => {
  fc.assert(
    fc.property(conditions, burr, (c, burrUm) => {
      const best = (change: Partial<typeof c>, more = 1) =>
        bestStropStrokes({ burrUm: burrUm * more, ...stropRates({ ...c, ...change }) });
      expect(best({}, 1.5)).toBeGreaterThanOrEqual(best({}));
      expect(best({ backing: 'hard' })).toBeGreaterThanOrEqual(best({ backing: 'slack' }));
      expect(best({ holdAboveApexDeg: 0 })).toBeGreaterThanOrEqual(best({ holdAboveApexDeg: 4 }));
    }),
  );
});
