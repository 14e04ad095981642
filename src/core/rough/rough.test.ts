import fc from 'fast-check';
import { TOOL_KINDS } from '../../domain/kinds';
import { passedTest } from '../../domain/observation';
import { stone, strop, toolOf } from '../../testing/ladderFixtures';
import { benchWith } from '../../testing/bench';
import { TEST_CENTRE_UM } from '../sharpness';
import { edgeWord } from '../inspection/edgeState';
import { roughPlan, testOfWord, type RoughEdge } from '.';

const bench = benchWith([
  stone(100, { family: 'file', form: 'file', lengthMm: 200, name: 'file' }),
  stone(30, { name: 'plate' }),
  stone(25, { name: 'rod', form: 'rod', widthMm: 6 }),
  strop(1),
]);

function untold(kind: (typeof TOOL_KINDS)[number], change: Partial<RoughEdge> = {}): RoughEdge {
  const tool = toolOf(kind);
  return {
    tool,
    zone: tool.zones[0]!,
    seen: { tests: [], findings: [] },
    knownApexUm: null,
    keenRadiusUm: null,
    sessions: [],
    bench,
    isLookedAlong: false,
    unknownGrain: [],
    ...change,
  };
}

const kinds = fc.constantFrom(...TOOL_KINDS);

it('of a tool that was only named every measure is open, and each alone narrows the span', () => {
  fc.assert(
    fc.property(kinds, (kind) => {
      const rough = roughPlan(untold(kind));
      const { plan, open, minutesLow, minutesHigh } = rough;
      expect(open.length).toBeGreaterThan(0);
      expect(minutesHigh / minutesLow).toBeGreaterThan(plan.minutesHigh / plan.minutesLow);
      open.forEach((own, i) => {
        expect(own.minutesLow).toBeGreaterThan(minutesLow);
        expect(own.minutesHigh).toBeLessThan(minutesHigh);
        if (i > 0) expect(own.spreadLn).toBeLessThanOrEqual(open[i - 1]!.spreadLn);
      });
    }),
    { numRuns: 17 },
  );
});

it('an answer that is what was guessed leaves just the span that was promised', () => {
  fc.assert(
    fc.property(kinds, (kind) => {
      const asked = roughPlan(untold(kind));
      const promised = asked.open.find(({ measure }) => measure.kind === 'sharpness')!;
      const told = roughPlan(
        untold(kind, {
          seen: {
            tests: [
              passedTest(testOfWord('tired', toolOf(kind).zones[0]!.targetApexUm) ?? 'blunt'),
            ],
            findings: [],
          },
        }),
      );
      expect(told.plan.minutes).toBe(asked.plan.minutes);
      expect(told.minutesLow).toBeCloseTo(promised.minutesLow, 9);
      expect(told.minutesHigh).toBeCloseTo(promised.minutesHigh, 9);
    }),
    { numRuns: 17 },
  );
});

it('where all is known the span is the plan’s own, and nothing is asked', () => {
  const tool = toolOf('hatchet');
  const zone = {
    ...tool.zones[0]!,
    angleMethod: 'face-width' as const,
    measuredAt: '2026-01-01T00:00:00.000Z',
  };
  const rough = roughPlan(
    untold('hatchet', {
      tool,
      zone,
      isLookedAlong: true,
      seen: { tests: [passedTest('tears-paper')], findings: [] },
    }),
  );
  const { plan } = rough;
  expect(rough.open).toEqual([]);
  // The plan’s own span is kept as its middle and its width.
  expect(rough.minutesHigh / rough.minutesLow).toBeCloseTo(plan.minutesHigh / plan.minutesLow, 9);
});

it('a stone of unknown grain is asked for where it is the one that works', () => {
  const some = { ...stone(45, { id: 'some/face', name: 'some stone' }) };
  const rough = roughPlan(
    untold('flat-knife', {
      bench: benchWith([some]),
      unknownGrain: [{ itemId: 'some', surfaceId: 'some/face', finestUm: 9, coarsestUm: 200 }],
    }),
  );
  expect(rough.open.map(({ measure }) => measure)).toContainEqual({
    kind: 'grain',
    itemId: 'some',
  });
});

it('where nothing at hand works it, what would do is named, and nothing is asked', () => {
  const { plan, open } = roughPlan(untold('hatchet', { bench: benchWith([]) }));
  expect(plan.outcome).toBe('out of reach');
  expect(plan.missingStone?.savesMinutes).toBeNull();
  expect(open).toEqual([]);
});

it('a test that stands for a word says that word, and every work knows keen and blunt', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.3, max: 4, noNaN: true }), (targetUm) => {
      for (const word of ['keen', 'works', 'tired', 'blunt'] as const) {
        const test = testOfWord(word, targetUm);
        if (word === 'keen' || word === 'blunt') expect(test).not.toBeNull();
        if (test) expect(edgeWord(TEST_CENTRE_UM[test], targetUm, 0)).toBe(word);
      }
    }),
  );
});
