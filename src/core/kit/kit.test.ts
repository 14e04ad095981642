/** @jest-environment node */
import fc from 'fast-check';
import loadHighs, { type Highs } from 'highs';
import { planKit, type KitProblem, type SolveLp } from '..';
import { usualHand } from '../../testing/bench';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';
import { quickestWay } from './needWays';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const solve: SolveLp = (lp) => {
  const { Status, Columns } = highs.solve(lp, { mip_rel_gap: 0 });
  if (Status !== 'Optimal') return null;
  return Object.fromEntries(Object.entries(Columns).map(([k, c]) => [k, c.Primal]));
};

const problem = (change: Partial<KitProblem> = {}): KitProblem => ({
  needs: [
    {
      id: 'knife',
      name: 'knife',
      face: faceOf('scandi-knife'),
      condition: { apexRadiusUm: 3, damageDepthMm: 0 },
      target: { apexRadiusUm: 0.4, finishSizeUm: 30 },
    },
    {
      id: 'axe',
      name: 'axe',
      face: faceOf('felling-axe'),
      condition: { apexRadiusUm: 9, damageDepthMm: 0 },
      target: { apexRadiusUm: 3, finishSizeUm: 90 },
    },
  ],
  items: [
    { id: 'plate', name: 'two-sided plate', massG: 90 },
    { id: 'puck', name: 'puck', massG: 240 },
    { id: 'belt', name: 'belt', massG: 0 },
    { id: 'crayon', name: 'crayon', massG: 14 },
    { id: 'oil', name: 'oil', massG: 30 },
  ],
  abrasives: [
    { abrasive: stone(25, { id: 'plate/c' }), needsAll: ['plate'], needsOneOf: null },
    { abrasive: stone(9, { id: 'plate/f' }), needsAll: ['plate'], needsOneOf: null },
    {
      abrasive: stone(60, { id: 'puck/c', form: 'puck', family: 'sic', lubricant: 'oil' }),
      needsAll: ['puck'],
      needsOneOf: ['oil'],
    },
    { abrasive: strop(1, { id: 'belt' }), needsAll: ['belt', 'crayon'], needsOneOf: null },
  ],
  minutesPerTouchUp: 30,
  hand: usualHand,
  ...change,
});

describe('the lightest kit', () => {
  it('is one plate, a belt and its compound', () => {
    const kit = planKit(problem(), solve);
    expect(kit.carried.map((c) => c.item.id)).toEqual(['plate', 'belt', 'crayon']);
    expect(kit.grams).toBe(104);
    expect(kit.served.every((s) => s.way !== null)).toBe(true);
    const plate = kit.carried.find((c) => c.item.id === 'plate')!;
    expect(plate.usedFor).toEqual(['knife', 'axe']);
    expect(plate.unservedWithout).toEqual(['knife']);
  });

  it('takes the lubricant that a stone needs', () => {
    const onlyPuck = problem().abrasives.filter((a) => a.abrasive.id !== 'plate/c');
    const axe = problem().needs.filter((n) => n.id === 'axe');
    const kit = planKit(
      problem({ needs: axe, abrasives: onlyPuck.filter((a) => a.abrasive.id !== 'plate/f') }),
      solve,
    );
    expect(kit.carried.map((c) => c.item.id)).toContain('oil');
  });

  it('leaves unserved what would take too long, and says why', () => {
    const chipped = problem().needs.map((n) => ({
      ...n,
      condition: { ...n.condition, damageDepthMm: 0.3 },
    }));
    const kit = planKit(problem({ needs: chipped, minutesPerTouchUp: 20 }), solve);
    const knife = kit.served.find((s) => s.need.id === 'knife')!;
    expect(knife.way).toBeNull();
    expect(knife.whyNot).toMatchObject({ kind: 'too long', limitMinutes: 20 });
    const bare = planKit(problem({ abrasives: [] }), solve);
    expect(bare).toMatchObject({ grams: 0, carried: [] });
    expect(bare.served[0]!.whyNot).toEqual({ kind: 'nothing owned' });
  });

  it('serves an edge that has only turned with a hone, where that is the lightest', () => {
    const steel = stone(1, { id: 'steel/s', form: 'rod', family: 'smooth-steel' });
    const turned = { apexRadiusUm: 0.55, damageDepthMm: 0, keenRadiusUm: 0.35 };
    const knife = { ...problem().needs[0]!, condition: turned };
    const owning = (needs: KitProblem['needs']) =>
      problem({
        needs,
        items: [...problem().items, { id: 'steel', name: 'steel', massG: 50 }],
        abrasives: [
          ...problem().abrasives,
          { abrasive: steel, needsAll: ['steel'], needsOneOf: null },
        ],
      });
    const kit = planKit(owning([knife]), solve);
    expect(kit.served[0]!.way!.minutes).toBeLessThan(5);
    expect(kit.grams).toBeLessThanOrEqual(50);
    const alone = { ...owning([knife]), abrasives: owning([knife]).abrasives.slice(-1) };
    expect(planKit(alone, solve).carried.map(({ item }) => item.id)).toEqual(['steel']);

    const chipped = { ...knife, condition: { ...turned, damageDepthMm: 0.2 } };
    const without = planKit({ ...alone, needs: [chipped] }, solve);
    expect(without.served[0]!.whyNot).toEqual({ kind: 'nothing owned' });
  });

  it('refuses a limit of no minutes', () => {
    expect(() => planKit(problem({ minutesPerTouchUp: 0 }), solve)).toThrow('minutesPerTouchUp');
  });
});

/** Fewest unserved, then grams, then number, then lowest ids, over every subset of items. */
function exhaustive(p: KitProblem): string[] {
  const order = p.items.map(({ id }) => id).sort();
  let best: { key: number[]; ids: string[] } | null = null;
  for (let bits = 0; bits < 2 ** p.items.length; bits += 1) {
    const items = p.items.filter((_, i) => (bits >> i) & 1);
    const ids = new Set(items.map(({ id }) => id));
    const abrasives = p.abrasives.filter(
      (a) =>
        a.needsAll.every((id) => ids.has(id)) &&
        (!a.needsOneOf || a.needsOneOf.some((id) => ids.has(id))),
    );
    const unserved = p.needs.filter((need) => {
      const way = quickestWay({ ...p, abrasives }, need);
      return !way || way.minutes > p.minutesPerTouchUp;
    });
    const key = [
      unserved.length,
      items.reduce((sum, { massG }) => sum + massG, 0),
      items.length,
      items.reduce((sum, { id }) => sum + 2 ** order.indexOf(id), 0),
    ];
    const compared = best ? key.findIndex((k, i) => k !== best!.key[i]) : 0;
    if (!best || (compared >= 0 && key[compared]! < best.key[compared]!)) {
      best = { key, ids: items.map(({ id }) => id) };
    }
  }
  return best!.ids;
}

it('agrees with exhaustive search', () => {
  const base = problem();
  const masses = fc.array(fc.constantFrom(0, 14, 30, 90, 90, 240), {
    minLength: base.items.length,
    maxLength: base.items.length,
  });
  const edges = fc.array(
    fc.record({
      apexRadiusUm: fc.constantFrom(1.5, 3, 9),
      damageDepthMm: fc.constantFrom(0, 0, 0.15),
      kind: fc.constantFrom('scandi-knife', 'felling-axe', 'machete', 'fillet-knife'),
      targetUm: fc.constantFrom(0.5, 0.9, 3),
      finishUm: fc.constantFrom(10, 30, 90),
    }),
    { minLength: 1, maxLength: 3 },
  );
  const minutes = fc.constantFrom(5, 20, 60);
  fc.assert(
    fc.property(masses, edges, minutes, (massesG, chosen, minutesPerTouchUp) => {
      const random = problem({
        minutesPerTouchUp,
        items: base.items.map((item, i) => ({ ...item, massG: massesG[i]! })),
        needs: chosen.map((edge, i) => ({
          id: `n${i}`,
          name: `n${i}`,
          face: faceOf(edge.kind),
          condition: { apexRadiusUm: edge.apexRadiusUm, damageDepthMm: edge.damageDepthMm },
          target: { apexRadiusUm: edge.targetUm, finishSizeUm: edge.finishUm },
        })),
      });
      const found = planKit(random, solve).carried.map((c) => c.item.id);
      expect(found).toEqual(exhaustive(random));
    }),
    { numRuns: 40 },
  );
}, 60_000);
