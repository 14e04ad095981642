import fc from 'fast-check';
import { COUNT_SCHEMES, type CountScheme } from '../../domain/terms';
import { edgeSections } from '../ladder';
import { handInSets, nextWay, sectionUnder, setsOf } from '.';

/** Strokes a side of a scheme: a stroke out is never left without its way back. */
const due = (scheme: CountScheme, planned: number): number =>
  scheme === 'out and back' ? 2 * Math.ceil(planned / 2) : planned;

describe('sets of strokes', () => {
  it.each([
    ['a side at a time', 23, [23]],
    ['sets of ten', 23, [10, 10, 3]],
    ['countdown', 28, [7, 6, 5, 4, 3, 2, 1]],
    ['countdown', 33, [7, 6, 5, 4, 3, 2, 1, 2, 1, 1, 1]],
    ['alternate', 3, [1, 1, 1]],
    ['countdown', 0, []],
    ['out and back', 13, [10, 4]],
    ['heel to toe and back', 40, [40]],
  ] as const)('%s, %i a side', (scheme, plannedPerSide, sets) => {
    expect(setsOf(scheme, plannedPerSide)).toEqual(sets);
  });

  it('come to the plan, whatever the scheme', () => {
    fc.assert(
      fc.property(fc.constantFrom(...COUNT_SCHEMES), fc.nat(2000), (scheme, planned) => {
        const sets = setsOf(scheme, planned);
        const sum = sets.reduce((a, b) => a + b, 0);
        return sets.every((size) => size > 0) && sum === due(scheme, planned);
      }),
    );
  });

  it('lead the hand from side to side until all are done, with both sides even', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...COUNT_SCHEMES),
        fc.integer({ min: 1, max: 120 }),
        (scheme, n) => {
          const sets = setsOf(scheme, n);
          const counts = { left: 0, right: 0 };
          for (;;) {
            const hand = handInSets(sets, counts)!;
            if (hand.set >= sets.length) break;
            expect(hand.done).toBeLessThan(hand.size);
            counts[hand.side] += 1;
            expect(counts.left - counts.right).toBeLessThanOrEqual(Math.max(...sets));
            expect(counts.left).toBeGreaterThanOrEqual(counts.right);
          }
          expect(counts).toEqual({ left: due(scheme, n), right: due(scheme, n) });
          // Past the plan it goes on as it went, from side to side.
          const last = sets.at(-1)!;
          for (let k = 0; k < 4 * last; k += 1) {
            const hand = handInSets(sets, counts)!;
            expect(hand.size).toBe(last);
            counts[hand.side] += 1;
            expect(Math.abs(counts.left - counts.right)).toBeLessThanOrEqual(last);
          }
          expect(counts.left).toBe(counts.right);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('the hand along the edge', () => {
  it('goes section by section, each with its share', () => {
    const step = { plannedPerSide: 30, sections: 3 };
    const walk = [0, 9, 10, 19, 20, 29, 80].map((n) => sectionUnder(step, n, 'a side at a time'));
    expect(walk).toEqual([0, 0, 1, 1, 2, 2, 2]);
  });

  it('goes to the toe and back, and every section gets its share over both ways', () => {
    const step = { plannedPerSide: 30, sections: 3 };
    const walk = Array.from({ length: 30 }, (_, n) =>
      sectionUnder(step, n, 'heel to toe and back'),
    );
    expect(walk.slice(0, 30).filter((at) => at === 0)).toHaveLength(10);
    expect([walk[0], walk[14], walk[15], walk[29]]).toEqual([0, 2, 2, 0]);
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }),
        fc.nat(900),
        fc.nat(400),
        (sections, planned, n) => {
          const own = { plannedPerSide: planned, sections };
          const [a, b] = [n, n + 1].map((count) =>
            sectionUnder(own, count, 'heel to toe and back'),
          );
          return a! >= 0 && a! < sections && Math.abs(a! - b!) <= 1;
        },
      ),
    );
  });

  it('strokes go out and back in turn where they are paired, and nowhere else', () => {
    expect([0, 1, 2].map((n) => nextWay(n, 'out and back'))).toEqual(['out', 'back', 'out']);
    expect(nextWay(1, 'countdown')).toBeNull();
  });

  it('sections cover the edge, each a little over the next', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 60, max: 500 }),
        (n, lengthMm) => {
          const sections = edgeSections({ startMm: 20, endMm: 20 + lengthMm }, n);
          expect(sections[0]!.startMm).toBe(20);
          expect(sections.at(-1)!.endMm).toBeCloseTo(20 + lengthMm, 9);
          sections.slice(1).forEach(({ startMm }, i) => {
            expect(sections[i]!.endMm - startMm).toBeCloseTo((0.2 * lengthMm) / n, 9);
          });
        },
      ),
    );
  });
});
