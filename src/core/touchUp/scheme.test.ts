import fc from 'fast-check';
import { COUNT_SCHEMES } from '../../domain/terms';
import { handInSets, setsOf } from '..';

describe('sets of strokes', () => {
  it.each([
    ['a side at a time', 23, [23]],
    ['sets of ten', 23, [10, 10, 3]],
    ['countdown', 28, [7, 6, 5, 4, 3, 2, 1]],
    ['countdown', 33, [7, 6, 5, 4, 3, 2, 1, 2, 1, 1, 1]],
    ['alternate', 3, [1, 1, 1]],
    ['countdown', 0, []],
  ] as const)('%s, %i a side', (scheme, plannedPerSide, sets) => {
    expect(setsOf(scheme, plannedPerSide)).toEqual(sets);
  });

  it('come to the plan, whatever the scheme', () => {
    fc.assert(
      fc.property(fc.constantFrom(...COUNT_SCHEMES), fc.nat(2000), (scheme, planned) => {
        const sets = setsOf(scheme, planned);
        return sets.every((size) => size > 0) && sets.reduce((a, b) => a + b, 0) === planned;
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
          for (let hand = handInSets(sets, counts); hand; hand = handInSets(sets, counts)) {
            expect(hand.done).toBeLessThan(hand.size);
            counts[hand.side] += 1;
            expect(counts.left - counts.right).toBeLessThanOrEqual(Math.max(...sets));
            expect(counts.left).toBeGreaterThanOrEqual(counts.right);
          }
          expect(counts).toEqual({ left: n, right: n });
        },
      ),
      { numRuns: 60 },
    );
  });
});
