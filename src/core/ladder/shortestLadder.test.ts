import fc from 'fast-check';
import {
  arcsFrom,
  comparePaths,
  ladderSolver,
  reaches,
  shortestLadder,
  workedParts,
  type LadderPath,
  type LadderProblem,
  type LadderState,
  type LadderAbrasive,
} from '.';
import { DAMAGE_WAYS } from '../../domain/terms';
import { usualHand } from '../../testing/bench';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';
import { TOOL_KINDS } from '../../domain/kinds';

/** Every way there is, walked one by one. */
function exhaustive(problem: LadderProblem, state: LadderState | null = null): LadderPath | null {
  if (state && reaches(problem, state)) return { minutes: 0, arcs: [] };
  let best: LadderPath | null = null;
  for (const arc of arcsFrom(problem, state)) {
    const rest = exhaustive(problem, arc.to);
    if (!rest) continue;
    const path = { minutes: rest.minutes + arc.work.minutes, arcs: [arc, ...rest.arcs] };
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
  const problems = fc
    .record({
      face: fc.constantFrom(...TOOL_KINDS.map(faceOf)),
      condition: fc.record({
        apexRadiusUm: fc.double({ min: 0.5, max: 15, noNaN: true }),
        damageDepthMm: fc.constantFrom(0, 0, 0.1, 0.4),
      }),
      way: fc.constantFrom(...DAMAGE_WAYS),
      goal: fc.record({
        apexUm: fc.constantFrom(0.4, 0.7, 1, 2, 5),
        finishUm: fc.constantFrom(6, 15, 45, 200),
        strop: fc.boolean(),
      }),
      abrasives: sets as fc.Arbitrary<LadderAbrasive[]>,
    })
    .map(({ way, ...rest }): LadderProblem => ({
      ...rest,
      parts: workedParts(rest.face, rest.condition, way),
      required: [],
      stoneOwned: true,
      bySchool: true,
      hand: usualHand,
    }));

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

  it('never gets slower with one more stone', () => {
    fc.assert(
      fc.property(problems, stones, (problem, extra) => {
        const minutes = (p: LadderProblem) => shortestLadder(p)?.minutes ?? Infinity;
        const more = { ...problem, abrasives: [...problem.abrasives, { ...extra, id: 'extra' }] };
        expect(minutes(more)).toBeLessThanOrEqual(minutes(problem) + 1e-9);
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
