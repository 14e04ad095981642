/** @jest-environment node */
import fc from 'fast-check';
import loadHighs, { type Highs } from 'highs';
import type { CarryPlace } from '../../domain/terms';
import { limitedKit, limitsBind, NO_LIMITS, type KitSolution, type SolveLp } from '.';
import {
  bestTrade,
  kitCost,
  kitTotals,
  nextKit,
  oneStep,
  shownPoints,
  thingPrice,
} from './explainKit';
import type { Belt } from './chooseBelt';
import { kitFrontier, UNSERVED_MINUTES, type FrontierPoint, type WeighedNeed } from './kitFrontier';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});
const solve: SolveLp = (lp) => {
  const first = highs.solve(lp, { mip_rel_gap: 0 });
  const { Status, Columns } =
    first.Status === 'Optimal' ? first : highs.solve(lp, { mip_rel_gap: 0, presolve: 'off' });
  if (Status !== 'Optimal') return null;
  return Object.fromEntries(Object.entries(Columns).map(([k, c]) => [k, c.Primal]));
};

interface Case {
  needs: WeighedNeed[];
  masses: number[];
  held: number[];
  keptOut: number[];
  belt?: Belt;
}

/** Small kits: up to eight things, twins and equal weights among them, and ways with one to three things. */
const cases = fc.integer({ min: 1, max: 8 }).chain((n) => {
  const item = fc.integer({ min: 0, max: n - 1 });
  const label = fc.record({
    items: fc.uniqueArray(item, { minLength: 0, maxLength: 3 }).map((i) => i.sort((a, b) => a - b)),
    // Few different times: ties come often.
    minutes: fc.constantFrom(1, 2, 2, 5, 9.5, 20, 60),
  });
  return fc.record({
    needs: fc.array(
      fc.record({
        count: fc.constantFrom(0.2, 1, 1, 3.5),
        labels: fc.array(label, { maxLength: 5 }),
        fromBelt: fc.constant(false),
      }),
      { maxLength: 6 },
    ),
    masses: fc.array(fc.constantFrom(10, 10, 25, 40, 62, 230), { minLength: n, maxLength: n }),
    held: fc.uniqueArray(item, { maxLength: 1 }),
    keptOut: fc.constant<number[]>([]),
  });
});

/** The same with some needs met from a belt that takes a little. */
const beltCases = fc
  .tuple(
    cases,
    fc.array(fc.boolean(), { minLength: 6, maxLength: 6 }),
    fc.integer({ min: 0, max: 110 }),
  )
  .map(([problem, flags, mostMass]) => ({
    ...problem,
    needs: problem.needs.map((need, i) => ({ ...need, fromBelt: flags[i]! })),
    belt: { mostMass, always: [] },
  }));

const costWith = (needs: readonly WeighedNeed[], has: ReadonlySet<number>): number =>
  needs.reduce((sum, { count, labels }) => {
    const ways = labels.filter(({ items }) => items.every((i) => has.has(i)));
    return sum + count * Math.min(UNSERVED_MINUTES, ...ways.map(({ minutes }) => minutes));
  }, 0);
const subsets = (items: readonly number[]): number[][] =>
  items.reduce<number[][]>((all, item) => [...all, ...all.map((set) => [...set, item])], [[]]);
/** What a kit costs: mid-job by the best of all sets that the belt takes. */
const costOf = ({ needs, masses, belt }: Case, carried: ReadonlySet<number>): number => {
  const camp = needs.filter(({ fromBelt }) => !fromBelt);
  const midJob = needs.filter(({ fromBelt }) => fromBelt);
  if (midJob.length === 0) return costWith(camp, carried);
  const fits = subsets([...carried]).filter(
    (set) => set.reduce((sum, i) => sum + masses[i]!, 0) <= belt!.mostMass,
  );
  return costWith(camp, carried) + Math.min(...fits.map((set) => costWith(midJob, new Set(set))));
};
const gramsOf = ({ masses }: Case, carried: ReadonlySet<number>): number =>
  [...carried].reduce((sum, i) => sum + masses[i]!, 0);

/** Every set of things, one by one; of equals the one with fewer things. */
function exhaustive(problem: Case): { grams: number; minutes: number; count: number }[] {
  const n = problem.masses.length;
  const all = Array.from({ length: 2 ** n }, (_, bits) => {
    const carried = new Set(Array.from({ length: n }, (__, i) => i).filter((i) => bits & (1 << i)));
    for (const i of problem.held) carried.add(i);
    return {
      grams: gramsOf(problem, carried),
      minutes: costOf(problem, carried),
      count: carried.size,
    };
  }).sort((a, b) => a.grams - b.grams || a.minutes - b.minutes || a.count - b.count);
  const front: typeof all = [];
  for (const kit of all) {
    if (kit.minutes < (front.at(-1)?.minutes ?? Infinity) - 1e-9) front.push(kit);
  }
  return front;
}

describe('the frontier of kits', () => {
  it.each([
    ['with ties and things held in', cases],
    ['with a belt that takes a little', beltCases],
  ])('is what trying every set finds, %s', (_, some) => {
    fc.assert(
      fc.property(some, (problem: Case) => {
        const { points, proven } = kitFrontier(problem);
        expect(proven).toBe(true);
        const expected = exhaustive(problem);
        expect(points.map(({ grams }) => grams)).toEqual(expected.map(({ grams }) => grams));
        points.forEach(({ minutes, items }, i) => {
          expect(minutes).toBeCloseTo(expected[i]!.minutes, 6);
          // With a belt twins are told apart by what hangs there, too.
          if (!problem.belt) expect(items).toHaveLength(expected[i]!.count);
          expect(costOf(problem, new Set(items))).toBeCloseTo(minutes, 6);
          expect(gramsOf(problem, new Set(items))).toBe(points[i]!.grams);
        });
      }),
      { numRuns: 250 },
    );
  });

  it('is never worse for one thing more to choose from, and never better for one kept out', () => {
    fc.assert(
      fc.property(cases, (problem) => {
        const last = problem.masses.length - 1;
        const without = { ...problem, held: [], keptOut: [last] };
        const [all, less] = [kitFrontier({ ...problem, held: [] }), kitFrontier(without)];
        for (const point of less.points) {
          expect(point.items).not.toContain(last);
          expect(
            all.points.some(
              ({ grams, minutes }) => grams <= point.grams && minutes <= point.minutes + 1e-9,
            ),
          ).toBe(true);
        }
      }),
      { numRuns: 150 },
    );
  });

  it('is never worse for more room on the belt', () => {
    fc.assert(
      fc.property(beltCases, fc.integer({ min: 1, max: 60 }), (problem, more) => {
        const roomy = {
          ...problem,
          belt: { ...problem.belt, mostMass: problem.belt.mostMass + more },
        };
        const [narrow, wide] = [kitFrontier(problem).points, kitFrontier(roomy).points];
        for (const point of narrow) {
          expect(
            wide.some(
              ({ grams, minutes }) => grams <= point.grams && minutes <= point.minutes + 1e-6,
            ),
          ).toBe(true);
        }
      }),
      { numRuns: 100 },
    );
  });

  it('gives the same kits for the same things, and says what it has found on the way', () => {
    const needs = Array.from({ length: 24 }, (_, n) => ({
      count: 1 + (n % 3),
      labels: Array.from({ length: 6 }, (__, l) => ({
        items: [(n * 5 + l * 7) % 18, (n * 3 + l * 11) % 18]
          .filter((i, at, all) => all.indexOf(i) === at)
          .sort((a, b) => a - b),
        minutes: 2 + ((n * 13 + l * 17) % 40),
      })),
    }));
    const masses = Array.from({ length: 18 }, (_, i) => 12 + ((i * 37) % 90));
    const heard: number[] = [];
    const input = { needs, masses, held: [], keptOut: [] };
    const found = kitFrontier({ ...input, onPoints: (_, share) => heard.push(share) });
    expect(kitFrontier(input)).toEqual(found);
    expect(heard.at(-1)).toBe(1);
    expect(heard).toEqual([...heard].sort((a, b) => a - b));
    expect(found.points.length).toBeGreaterThan(8);
  });
});

/** A case as it is explained: its things live in two places. */
function solved(problem: Case): KitSolution {
  const places: CarryPlace[] = ['pouch', 'pack'];
  return {
    items: problem.masses.map((massG, i) => ({
      id: `thing ${i}`,
      name: `thing ${i}`,
      massG,
      place: places[i % 2]!,
      hangs: 'may',
    })),
    anyway: [],
    needs: problem.needs.map(({ count, labels }, i) => ({
      id: `need ${i}`,
      name: `need ${i}`,
      count,
      // Every third need comes on the first evening, the rest on the second.
      perEvening: i % 3 === 0 ? [count, 0] : [0, count],
      kind: { edgeId: `edge ${i}`, event: 'touch-up', fromBelt: false },
      labels: labels
        .map((label) => ({ ...label, waterMl: 10 * label.items.length, things: [] }))
        .sort((a, b) => a.minutes - b.minutes),
    })),
    held: problem.held,
    keptOut: problem.keptOut,
    belt: { mostG: Infinity, always: [] },
    ...kitFrontier(problem),
  };
}

/** A minute is worth so many grams that time alone decides. */
const ALL_FOR_TIME = 1e5;

describe('a kit within limits', () => {
  it('is the frontier’s own where grams alone bind', () => {
    fc.assert(
      fc.property(cases, fc.integer({ min: 0, max: 400 }), (problem, grams) => {
        const solution = solved({ ...problem, held: [] });
        const kit = limitedKit(solution, { ...NO_LIMITS, grams }, ALL_FOR_TIME, solve)!;
        const best = solution.points.filter((point) => point.grams <= grams).at(-1)!;
        expect(kitCost(solution, new Set(kit))).toBeCloseTo(best.minutes, 3);
        expect(kitTotals(solution, new Set(kit)).grams).toBe(best.grams);
      }),
      { numRuns: 60 },
    );
  });

  it('keeps to every limit, and is none where what is held in does not fit', () => {
    fc.assert(
      fc.property(cases, fc.integer({ min: 0, max: 80 }), (problem, most) => {
        const solution = solved(problem);
        const limits = {
          ...NO_LIMITS,
          eveningMinutes: most,
          waterMl: most,
          placeGrams: { ...NO_LIMITS.placeGrams, pouch: most },
        };
        expect(limitsBind(solution, limits, 1)).toBe(true);
        const kit = limitedKit(solution, limits, 1, solve);
        const held = problem.held.filter((i) => i % 2 === 0);
        const heldGrams = held.reduce((sum, i) => sum + problem.masses[i]!, 0);
        if (heldGrams > most) {
          expect(kit).toBeNull();
          return;
        }
        const inPouch = kit!.filter((i) => i % 2 === 0);
        expect(inPouch.reduce((sum, i) => sum + problem.masses[i]!, 0)).toBeLessThanOrEqual(most);
        for (const i of problem.held) expect(kit).toContain(i);
      }),
      { numRuns: 40 },
    );
  });
});

describe('a belt with too much on it', () => {
  it('keeps what always hangs there, and takes nothing beside it', () => {
    const solution = solved({
      needs: [
        { count: 1, labels: [{ items: [0], minutes: 20 }] },
        { count: 1, labels: [{ items: [1], minutes: 5 }] },
      ],
      masses: [100, 20],
      held: [0],
      keptOut: [],
    });
    const onBelt: KitSolution = {
      ...solution,
      items: solution.items.map((item, i) => ({ ...item, hangs: i === 0 ? 'always' : 'may' })),
      needs: solution.needs.map((own) => ({
        ...own,
        kind: { edgeId: 'edge', event: 'touch-up', fromBelt: true },
      })),
      belt: { mostG: 60, always: [0] },
    };
    const limits = { ...NO_LIMITS, grams: 500 };
    expect(limitedKit(onBelt, limits, 1, solve)).toEqual([0]);
    expect(limitedKit({ ...onBelt, belt: { mostG: 120, always: [0] } }, limits, 1, solve)).toEqual([
      0, 1,
    ]);
  });
});

describe('evenings', () => {
  const over = (evenings: readonly number[], most: number): number =>
    evenings.reduce((sum, minutes) => sum + Math.max(0, minutes - most), 0);

  it('bind where the tightest of the best trade goes over its limit', () => {
    fc.assert(
      fc.property(cases, (problem) => {
        const solution = solved({ ...problem, held: [] });
        expect(limitsBind(solution, NO_LIMITS, 1)).toBe(false);
        const trade = solution.points[bestTrade(solution.points, 1)]!;
        const { evenings } = kitTotals(solution, new Set(trade.items));
        const tightest = Math.max(0, ...evenings);
        expect(limitsBind(solution, { ...NO_LIMITS, eveningMinutes: tightest }, 1)).toBe(false);
        expect(limitsBind(solution, { ...NO_LIMITS, eveningMinutes: tightest - 0.01 }, 1)).toBe(
          true,
        );
      }),
      { numRuns: 30 },
    );
  });

  it('go over as little as can be, each by itself, and then the trade is the best', () => {
    fc.assert(
      fc.property(cases, fc.constantFrom(0, 3, 8, 25), (problem, eveningMinutes) => {
        const solution = solved({ ...problem, held: [] });
        const kit = new Set(limitedKit(solution, { ...NO_LIMITS, eveningMinutes }, 1, solve)!);
        const all = subsets(solution.items.map((_, i) => i)).map((set) => {
          const carried = new Set(set);
          const { evenings, grams } = kitTotals(solution, carried);
          return {
            over: over(evenings, eveningMinutes),
            price: grams + kitCost(solution, carried),
          };
        });
        const least = Math.min(...all.map((each) => each.over));
        const own = kitTotals(solution, kit);
        expect(over(own.evenings, eveningMinutes)).toBeCloseTo(least, 3);
        const best = Math.min(
          ...all.filter((each) => each.over < least + 1e-3).map(({ price }) => price),
        );
        expect(own.grams + kitCost(solution, kit)).toBeLessThanOrEqual(best + 1e-2);
      }),
      { numRuns: 60 },
    );
  });

  it('are not met by leaving a need unserved', () => {
    const labels = [{ items: [0], minutes: 20, waterMl: 0, things: [] }];
    const solution = solved({
      needs: [{ count: 1, labels }],
      masses: [100],
      held: [],
      keptOut: [],
    });
    expect(limitedKit(solution, { ...NO_LIMITS, eveningMinutes: 4 }, 1, solve)).toEqual([0]);
    expect(kitTotals(solution, new Set()).evenings[0]).toBe(20);
  });
});

describe('what is said of a kit', () => {
  it('prices each thing by what the kit costs without it, or with it', () => {
    fc.assert(
      fc.property(cases, fc.nat(255), (problem, bits) => {
        const solution = solved({ ...problem, held: [] });
        const carried = new Set(solution.items.map((_, i) => i).filter((i) => bits & (1 << i)));
        solution.items.forEach((_, item) => {
          const { minutes, unserved } = thingPrice(solution, carried, item);
          const other = new Set(carried);
          if (carried.has(item)) other.delete(item);
          else other.add(item);
          const change = Math.abs(kitCost(solution, other) - kitCost(solution, carried));
          const lost = unserved.reduce((sum, need) => {
            const more = carried.has(item) ? carried : other;
            const way = need.labels.find(({ items }) => items.every((i) => more.has(i)))!;
            return sum + need.count * (UNSERVED_MINUTES - way.minutes);
          }, 0);
          expect(minutes + lost).toBeCloseTo(change, 6);
        });
      }),
      { numRuns: 100 },
    );
  });

  const at = (items: number[], grams: number, minutes: number): FrontierPoint => ({
    items,
    grams,
    minutes,
  });
  const points = [
    at([], 0, 400),
    at([0], 60, 200),
    at([0, 1], 100, 199.8),
    at([2], 120, 150),
    at([2, 1], 160, 90),
    at([2, 1, 3], 165, 88),
  ];

  it('shows steps that are worth half a minute', () => {
    expect(shownPoints(points).map(({ grams }) => grams)).toEqual([0, 60, 120, 160, 165]);
  });

  it('steps to the nearest kit that changes one thing by a tenth of the grams', () => {
    const heavier = oneStep(points, 3, 'heavier')!;
    expect(heavier).toMatchObject({ comes: [1], leaves: [], grams: 40, minutes: -60, at: 4 });
    const lighter = oneStep(points, 3, 'lighter')!;
    expect(lighter).toMatchObject({ at: 1, comes: [0], leaves: [2], grams: -60 });
    expect(oneStep(points, 0, 'lighter')).toBeNull();
    expect(oneStep(points, 4, 'heavier')).toBeNull();
    expect(nextKit(points, 4, 'heavier')).toMatchObject({ grams: 5, minutes: -2 });
  });
});

it('two weights that add up to a third’s are no lighter than it, in whole milligrams', () => {
  const labels = [
    { items: [0, 1], minutes: 5 },
    { items: [2], minutes: 5 },
  ];
  const grams = [0.1, 0.2, 0.3];
  const of = (masses: number[]) =>
    kitFrontier({ needs: [{ count: 1, labels }], masses, held: [], keptOut: [] }).points;
  const whole = of(grams.map((each) => Math.round(1000 * each)));
  expect(whole.map(({ items }) => items)).toEqual([[], [2]]);
});
