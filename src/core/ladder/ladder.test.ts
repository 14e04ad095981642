import fc from 'fast-check';
import {
  arcsFrom,
  comparePaths,
  DEFAULT_PACE,
  ladderSolver,
  planLadder,
  practiceOf,
  reaches,
  shortestLadder,
  whyUnfit,
  type LadderAbrasive,
  type LadderPath,
  type LadderProblem,
  type LadderState,
} from '..';
import { USUAL_SCHOOLS, type Schools } from '../../domain/schools';
import { TOOL_KINDS } from '../../domain/terms';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';

const knife = faceOf('flat-knife');
const tired = { apexRadiusUm: 4, damageDepthMm: 0 };

describe('a planned ladder', () => {
  const plan = planLadder({
    zone: knife,
    condition: { apexRadiusUm: 8, damageDepthMm: 0.05 },
    target: { apexRadiusUm: 0.7 },
    abrasives: [stone(45), stone(14), strop(1)],
  });

  it('walks from coarse to the strop, each step with its work', () => {
    expect(plan.outcome).toBe('planned');
    expect(plan.steps.map((s) => s.task)).toEqual([
      'grind out damage',
      'remove scratches',
      'strop',
    ]);
    expect(plan.steps[1]!.jumpRatio).toBeCloseTo(45 / 14, 9);
    expect(plan.steps[0]!.forceN).toBeGreaterThan(plan.steps[1]!.forceN);
    expect(plan.apexRadiusUm).toBeLessThanOrEqual(0.7);
    expect(plan.minutes).toBeCloseTo(
      plan.steps.reduce((sum, s) => sum + s.minutes, 0),
      9,
    );
    for (const step of plan.steps) {
      expect(step.doneWhen.length).toBeGreaterThan(0);
      expect(step.strokesPerSideLow).toBeLessThanOrEqual(step.strokesPerSide);
      expect(step.strokesPerSideHigh).toBe(2 * step.strokesPerSide);
    }
  });

  it('takes the larger of damage and rounding, not the sum', () => {
    const strokes = (apexRadiusUm: number, damageDepthMm: number) =>
      planLadder({
        zone: knife,
        condition: { apexRadiusUm, damageDepthMm },
        target: { apexRadiusUm: 4 },
        abrasives: [stone(45)],
      }).steps[0]!.volumeMm3;
    expect(strokes(8, 0.2)).toBe(strokes(4.5, 0.2));
    expect(strokes(8, 0.001)).toBe(strokes(8, 0));
  });

  it('leaves a keen edge alone', () => {
    const keen = planLadder({
      zone: knife,
      condition: { apexRadiusUm: 0.6, damageDepthMm: 0 },
      target: { apexRadiusUm: 0.7 },
      abrasives: [stone(45)],
    });
    expect(keen).toMatchObject({ outcome: 'leave alone', steps: [], minutes: 0 });
  });

  it('strops a merely tired edge and never one with a chip', () => {
    const at = (damageDepthMm: number) =>
      planLadder({
        zone: knife,
        condition: { apexRadiusUm: 1.8, damageDepthMm },
        target: { apexRadiusUm: 1 },
        abrasives: [stone(14), strop(1)],
      }).steps.map((s) => s.abrasive.kind);
    expect(at(0)).toEqual(['strop']);
    expect(at(0.2)[0]).toBe('stone');
  });

  it('keeps the file for repairs', () => {
    const first = (damageDepthMm: number) =>
      planLadder({
        zone: faceOf('felling-axe'),
        condition: { apexRadiusUm: 9, damageDepthMm },
        target: { apexRadiusUm: 5 },
        abrasives: [stone(100, { form: 'file', family: 'file' }), stone(60)],
      }).steps[0]!.abrasive.sizeUm;
    expect([first(0), first(0.4)]).toEqual([60, 100]);
  });

  it('says when the target is out of reach and which stone would open it', () => {
    const coarse = planLadder({
      zone: knife,
      condition: tired,
      target: { apexRadiusUm: 0.5 },
      abrasives: [stone(45)],
    });
    expect(coarse.outcome).toBe('out of reach');
    expect(coarse.missingStone?.sizeUm).toBeLessThan(5);
  });

  it('names the stone that would save most on a long jump', () => {
    const plan = planLadder({
      zone: { ...knife, edgeLengthMm: 250, hardnessHrc: 62 },
      condition: { apexRadiusUm: 8, damageDepthMm: 0.3 },
      target: { apexRadiusUm: 0.5 },
      abrasives: [stone(60), stone(1.5, { family: 'novaculite' })],
    });
    expect(plan.missingStone!.savesMinutes).toBeGreaterThan(1);
    expect(plan.steps[1]!.warnings.join()).toMatch(/jump of 40.0 times .* would save/);
  });

  it('refuses bad measures by name', () => {
    const input = { zone: knife, target: { apexRadiusUm: 1 }, abrasives: [] };
    expect(() =>
      planLadder({ ...input, condition: { apexRadiusUm: 0, damageDepthMm: 0 } }),
    ).toThrow('condition.apexRadiusUm');
    expect(() =>
      planLadder({ ...input, condition: { apexRadiusUm: 2, damageDepthMm: -1 } }),
    ).toThrow('condition.damageDepthMm');
  });
});

describe('what fits an edge', () => {
  it.each([
    ['recurve-hook', stone(14), /hollow edge/],
    ['recurve-hook', stone(14, { form: 'rod' }), null],
    ['recurve-hook', strop(1, { backing: 'hard' }), /hollow edge/],
    ['felling-axe', stone(14, { form: 'bench-stone' }), /held in the hand/],
    ['felling-axe', stone(100, { form: 'file', family: 'file' }), null],
    ['flat-knife', stone(100, { form: 'file', family: 'file' }), /kept for axes/],
    ['machete', stone(14, { lengthMm: 30 }), /too short/],
    ['scandi-knife', stone(14, { lubricant: null }), /lubricants/],
  ] as const)('%s', (kind, abrasive, reason) => {
    const why = whyUnfit(abrasive, faceOf(kind));
    if (reason) expect(why).toMatch(reason);
    else expect(why).toBeNull();
  });

  it('plans every kind of tool with a fitting set', () => {
    const abrasives = [
      stone(100, { form: 'file', family: 'file' }),
      stone(45, { form: 'rod' }),
      stone(9, { form: 'rod', id: 'fine' }),
      strop(1, { backing: 'soft' }),
    ];
    for (const kind of TOOL_KINDS) {
      const plan = planLadder({
        zone: faceOf(kind),
        condition: { apexRadiusUm: 9, damageDepthMm: 0.1 },
        target: { apexRadiusUm: 0.9 },
        abrasives,
      });
      expect(plan.outcome).toBe('planned');
    }
  });
});

/** Every way there is, walked one by one. */
function exhaustive(problem: LadderProblem, state: LadderState | null = null): LadderPath | null {
  if (state && reaches(problem, state)) return { minutes: 0, arcs: [] };
  let best: LadderPath | null = null;
  for (const arc of arcsFrom(problem, state)) {
    const rest = exhaustive(problem, arc.to);
    if (!rest) continue;
    const path = { minutes: rest.minutes + arc.rung.minutes, arcs: [arc, ...rest.arcs] };
    if (!best || comparePaths(path, best) < 0) best = path;
  }
  return best;
}

describe('the shortest ladder', () => {
  const sizes = fc.constantFrom(120, 100, 60, 45, 30, 25, 14, 9, 6, 3, 2, 1);
  const family = fc.constantFrom('diamond', 'alumina', 'novaculite', 'sic');
  const stones = fc
    .tuple(sizes, family, fc.nat(1000))
    .map(([s, f, n]) => stone(s, { family: f, id: `s${s}-${f}-${n}` }));
  const strops = fc
    .tuple(fc.constantFrom(6, 3, 1, 0.5), fc.nat(1000))
    .map(([s, n]) => strop(s, { id: `t${s}-${n}` }));
  const sets = fc.uniqueArray(fc.oneof({ weight: 3, arbitrary: stones }, strops), {
    maxLength: 8,
    selector: (a: LadderAbrasive) => a.id,
  });
  const problems = fc.record({
    face: fc.constantFrom(...TOOL_KINDS.map(faceOf)),
    condition: fc.record({
      apexRadiusUm: fc.double({ min: 0.5, max: 15, noNaN: true }),
      damageDepthMm: fc.constantFrom(0, 0, 0.1, 0.4),
    }),
    target: fc.record({ apexRadiusUm: fc.constantFrom(0.4, 0.7, 1, 2, 5) }),
    abrasives: sets as fc.Arbitrary<LadderAbrasive[]>,
    pace: fc.constant(DEFAULT_PACE),
  });

  it('is the best of all ladders', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const found = shortestLadder(problem);
        const best = exhaustive(problem);
        expect(found?.arcs.map((a) => a.to.last.id)).toEqual(best?.arcs.map((a) => a.to.last.id));
      }),
      { numRuns: 300 },
    );
  });

  it('does not depend on the order of the shelf', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const reversed = { ...problem, abrasives: [...problem.abrasives].reverse() };
        expect(shortestLadder(reversed)).toEqual(shortestLadder(problem));
      }),
    );
  });

  it('never gets slower with one more stone, nor quicker with a deeper chip', () => {
    fc.assert(
      fc.property(problems, stones, (problem, extra) => {
        const minutes = (p: LadderProblem) => shortestLadder(p)?.minutes ?? Infinity;
        const more = { ...problem, abrasives: [...problem.abrasives, { ...extra, id: 'extra' }] };
        expect(minutes(more)).toBeLessThanOrEqual(minutes(problem) + 1e-9);
        const { condition } = problem;
        const deeper = { ...condition, damageDepthMm: condition.damageDepthMm + 0.3 };
        fc.pre(condition.damageDepthMm > 0);
        expect(minutes({ ...problem, condition: deeper })).toBeGreaterThanOrEqual(
          minutes(problem) - 1e-9,
        );
      }),
    );
  });

  it('through one more stone is as quick as a shelf that holds it', () => {
    fc.assert(
      fc.property(problems, stones, (problem, extra) => {
        const more = { ...extra, id: 'extra' };
        const withIt = shortestLadder({ ...problem, abrasives: [...problem.abrasives, more] });
        const solver = ladderSolver(problem);
        const without = solver.best()?.minutes ?? Infinity;
        const through = solver.minutesThrough(more);
        expect(Math.min(without, through)).toBeCloseTo(withIt?.minutes ?? Infinity, 9);
      }),
    );
  });

  it('goes always finer, strops last', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const steps = shortestLadder(problem)?.arcs.map((a) => a.to.last) ?? [];
        steps.slice(1).forEach((step, i) => {
          expect(step.sizeUm).toBeLessThan(steps[i]!.sizeUm / 1.1);
          if (steps[i]!.kind === 'strop') expect(step.kind).toBe('strop');
        });
      }),
    );
  });
});

describe('the schools of a keeper', () => {
  const planWith = (schools: Partial<Schools>) =>
    planLadder({
      zone: { ...knife, practice: practiceOf({ ...USUAL_SCHOOLS, ...schools }) },
      condition: { apexRadiusUm: 9, damageDepthMm: 0.1 },
      target: { apexRadiusUm: 1.2 },
      abrasives: [stone(60), stone(25), stone(9), stone(3), strop(1)],
    });
  const sizes = (schools: Partial<Schools>) =>
    planWith(schools).steps.map(({ abrasive }) => abrasive.sizeUm);

  it('toothy is one stone and a strop, polished goes finer', () => {
    expect(sizes({ finish: 'toothy' })).toHaveLength(2);
    expect(planWith({ finish: 'polished' }).apexRadiusUm).toBeLessThanOrEqual(0.6);
    expect(planWith({ finish: 'polished' }).minutes).toBeGreaterThan(planWith({}).minutes);
  });

  it('light hands take longer', () => {
    const light = planWith({ pressure: 'light throughout' });
    expect(light.minutes).toBeGreaterThan(planWith({}).minutes);
    for (const step of light.steps) expect(step.forceN).toBeLessThanOrEqual(4);
  });

  it('close and wide grit steps keep to their jumps', () => {
    const jumps = (gritSteps: Schools['gritSteps']) =>
      planWith({ gritSteps, finish: 'polished' })
        .steps.filter(({ abrasive }) => abrasive.kind === 'stone')
        .flatMap(({ jumpRatio }) => jumpRatio ?? []);
    for (const jump of jumps('many close')) expect(jump).toBeLessThanOrEqual(3);
    for (const jump of jumps('few')) expect(jump).toBeGreaterThanOrEqual(4);
  });

  it('a firm strop and a lower hold change the count', () => {
    const strokes = (schools: Partial<Schools>) => planWith(schools).steps.at(-1)!.strokesPerSide;
    expect(strokes({ stropPressure: 'own weight' })).toBeGreaterThan(strokes({}));
    expect(strokes({ stropAngle: 'a little below' })).toBeGreaterThan(strokes({}));
  });

  it('the hand moves as its keeper moves it', () => {
    expect(planWith({ motion: 'circles' }).steps[0]!.motion).toBe('circles');
    expect(planWith({ motion: 'edge trailing' }).steps[0]!.direction).toBe('edge trailing');
  });
});
