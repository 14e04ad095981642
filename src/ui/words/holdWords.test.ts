import fc from 'fast-check';
import { edgeHold } from '../../core/hold';
import { toolOf } from '../../testing/ladderFixtures';
import { coinWords, holdDetail, holdHeadline, holdInShort } from './holdWords';
import { TOOL_KINDS } from '../../domain/kinds';

const holds = fc
  .record({
    kind: fc.constantFrom(...TOOL_KINDS),
    angleDeg: fc.double({ min: 9, max: 35, noNaN: true }),
    coinThicknessMm: fc.double({ min: 1.2, max: 3.2, noNaN: true }),
    moves: fc.constantFrom('by tool' as const, 'the stone over a clamped tool' as const),
  })
  .map(({ kind, ...asked }) => {
    const usual = toolOf(kind);
    const { moves, coinThicknessMm, angleDeg } = asked;
    const tool = { ...usual, schools: { ...usual.schools, moves } };
    const held = { tool, zone: tool.zones[0]!, coinThicknessMm };
    return { ...asked, hold: edgeHold(held, angleDeg).guide };
  });

describe('how an angle is held, in words', () => {
  it('has a measure with its unit, or says that the blade lies flat', () => {
    fc.assert(
      fc.property(holds, ({ hold }) => {
        for (const words of [holdHeadline(hold), holdInShort(hold), holdDetail(hold)])
          expect(words).not.toMatch(/NaN|undefined|null|Infinity/);
        expect(holdInShort(hold).startsWith(holdHeadline(hold))).toBe(true);
        if (hold.way === 'lay it flat') expect(holdHeadline(hold)).toBe('Lay the blade flat');
        else expect(holdHeadline(hold)).toMatch(/^Lift the (spine|back end) -?[\d.]+ mm$/);
      }),
    );
  });

  it('says of a stack the angle that it gives, which is the one asked for and its error', () => {
    fc.assert(
      fc.property(holds, ({ hold, angleDeg }) => {
        if (hold.way !== 'lift the spine' || hold.coins.coins === 0) return;
        const [, gives, off, way] = holdDetail(hold).match(
          /gives? ([\d.]+)°, (?:just right|([\d.]+)° (high|low))/,
        )!;
        const error = off === undefined ? 0 : Number(off) * (way === 'high' ? 1 : -1);
        // Both are said to a tenth of a degree.
        expect(Math.abs(Number(gives) - error - angleDeg)).toBeLessThan(0.11);
      }),
    );
  });

  it('has one coin fewer lower than asked, and one more higher', () => {
    fc.assert(
      fc.property(holds, ({ hold }) => {
        if (hold.way !== 'lift the spine') return;
        const { coins } = hold.coins;
        const words = coinWords(hold.coins);
        expect(words.startsWith(coins === 1 ? '1 coin' : `${coins} coins`)).toBe(true);
        const inBrackets = words.match(/\((.*)\)/)?.[1] ?? '';
        for (const [, count, way] of inBrackets.matchAll(/(\d+): [\d.]+° (high|low)/g))
          expect(way).toBe(Number(count) < coins ? 'low' : 'high');
      }),
    );
  });
});
