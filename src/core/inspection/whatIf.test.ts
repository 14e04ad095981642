import fc from 'fast-check';
import { edgeJobOf, planJob, whatIf } from '.';
import { withArcPasses, ARC_FACETS } from '../jobs';
import { facetSchedule } from '../edge';
import { heldWay, workingFace, type LadderStone } from '../ladder';
import type { Tool } from '../../domain/tool';
import { finding, passedTest } from '../../domain/observation';
import { benchWith, usualHand } from '../../testing/bench';
import { stone, strop, toolOf } from '../../testing/ladderFixtures';
import type { ToolKind } from '../../domain/kinds';

const things = [
  stone(60, { form: 'pocket-stone' }),
  stone(25, { form: 'pocket-stone' }),
  stone(9, { form: 'pocket-stone' }),
  strop(1),
];

/** An edge that tears paper, with a chip where one is asked for, and its plan. */
function worn(kind: ToolKind, chipMm = 0) {
  const tool = toolOf(kind);
  const zone = tool.zones[0]!;
  const problem = {
    tool,
    zone,
    seen: {
      tests: [passedTest('tears-paper')],
      findings: chipMm > 0 ? [finding('chip', zone.startMm + 20, chipMm)] : [],
    },
    knownApexUm: null,
    keenRadiusUm: null,
    sessions: [],
    damageWay: null,
    bench: benchWith(things),
  };
  const plan = planJob({ job: 'touch-up', spineWork: null, aim: null, ...problem })!;
  return { tool, zone, edge: edgeJobOf(problem)!, plan };
}

describe('what if', () => {
  it('sets finishes side by side: toothy quicker, polished finer', () => {
    const { edge, plan } = worn('scandi-knife');
    const ways = whatIf(edge, plan);
    const finishes = ways.filter(({ way }) => way.kind === 'finish');
    expect(finishes.length).toBeGreaterThan(0);
    const stones = (of: typeof plan) => of.steps.map(({ abrasive }) => abrasive.id).join();
    const last = (of: typeof plan) =>
      of.steps.findLast(({ abrasive }) => abrasive.kind === 'stone')!.abrasive.sizeUm;
    for (const { way, plan: other } of finishes) {
      // One that comes to the same stones, or takes half an hour, is no other finish.
      expect(stones(other)).not.toBe(stones(plan));
      expect(other.minutes).toBeLessThanOrEqual(30);
      const finish = way.kind === 'finish' ? way.finish : null;
      if (finish === 'polished') expect(last(other)).toBeLessThanOrEqual(last(plan));
      if (finish === 'toothy') expect(last(other)).toBeGreaterThanOrEqual(last(plan));
    }
  });

  it('offers one stone where the plan takes more', () => {
    const { edge, plan } = worn('scandi-knife', 0.2);
    const one = whatIf(edge, plan).find(({ way }) => way.kind === 'one stone');
    expect(plan.steps.filter(({ abrasive }) => abrasive.kind === 'stone').length).toBeGreaterThan(
      1,
    );
    expect(one!.plan.steps.filter(({ abrasive }) => abrasive.kind === 'stone')).toHaveLength(1);
  });

  it('offers the other ways with damage, and none of them where there is none', () => {
    const chipped = worn('hatchet', 0.3);
    const kinds = whatIf(chipped.edge, chipped.plan).flatMap(({ way }) =>
      way.kind === 'damage' ? [way.way] : [],
    );
    expect(kinds).toEqual(['whole face', 'leave it']);
    const whole = worn('hatchet');
    expect(whatIf(whole.edge, whole.plan).some(({ way }) => way.kind === 'damage')).toBe(false);
  });

  it('never offers what cannot be walked', () => {
    const kinds = fc.constantFrom<ToolKind>(
      'scandi-knife',
      'convex-knife',
      'hatchet',
      'machete',
      'recurve-hook',
    );
    fc.assert(
      fc.property(kinds, fc.constantFrom(0, 0.1, 0.4), (kind, chipMm) => {
        const { edge, plan } = worn(kind, chipMm);
        whatIf(edge, plan).forEach(({ plan: other }) => expect(other.outcome).toBe('planned'));
      }),
      { numRuns: 15 },
    );
  });
});

describe('an arc in passes', () => {
  it('follows each stone with the facets behind the apex, flatter one by one, and costs their strokes', () => {
    const { tool, zone, plan } = worn('convex-knife');
    const passes = withArcPasses(plan, { ...tool, zone, pace: usualHand.pace });
    const stones = plan.steps.filter(({ abrasive }) => abrasive.kind === 'stone');
    expect(passes.steps).toHaveLength(plan.steps.length + (ARC_FACETS - 1) * stones.length);
    const [apex, ...behind] = passes.steps.slice(0, ARC_FACETS);
    const facets = facetSchedule({
      thicknessMm: zone.shoulderThicknessMm,
      cheekAngleDeg: zone.primaryAngleDeg,
      apexAngleDeg: zone.bevelAngleDeg,
      facets: ARC_FACETS,
      ...tool,
    });
    expect(behind.map(({ angleDeg }) => angleDeg)).toEqual(facets.slice(1).map((f) => f.angleDeg));
    behind.forEach(({ strokesPerSide }) => expect(strokesPerSide).toBe(apex!.strokesPerSide));
    expect(passes.minutes).toBeGreaterThan(plan.minutes);
    expect(passes.apexRadiusUm).toBe(plan.apexRadiusUm);
  });

  it('is no other plan on a flat bevel', () => {
    const { tool, zone, plan } = worn('scandi-knife');
    expect(withArcPasses(plan, { ...tool, zone, pace: usualHand.pace })).toBe(plan);
  });
});

describe('what moves', () => {
  it('is the stone over axes and machetes, the knife over the stone, unless the keeper says', () => {
    const heldOf = (tool: Tool, change: Partial<LadderStone> = {}) =>
      heldWay(workingFace(tool, tool.zones[0]!), stone(25, { form: 'pocket-stone', ...change }));
    expect(['hatchet', 'machete', 'parer'].map((kind) => heldOf(toolOf(kind as ToolKind)))).toEqual(
      ['braced', 'braced', 'in the hand'],
    );
    expect(heldOf(toolOf('parer', { moves: 'the stone over a clamped tool' }))).toBe('braced');
    expect(heldOf(toolOf('hatchet', { moves: 'the tool on the stone' }))).toBe('laid down');
    expect(heldOf(toolOf('hatchet'), { form: 'bench-stone', lengthMm: 200 })).toBe('laid down');
    const machete = toolOf('machete');
    const fine = { ...machete, zones: [{ ...machete.zones[0]!, noImpacts: true }] };
    expect(heldOf(fine)).toBe('in the hand');
    expect(heldOf(toolOf('parer'), { held: 'laid down' })).toBe('laid down');
    // What is not open to a thing is not done: a file lies under nothing.
    expect(heldOf(toolOf('hatchet'), { form: 'file', held: 'laid down' })).toBe('braced');
  });
});
