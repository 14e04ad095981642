import fc from 'fast-check';
import { advance, startSession } from '.';
import { planJob } from '../inspection';
import { SPINE_WORKS, zoneLeft } from '../jobs';
import { abrasivesAtHand } from '../ladder';
import { sessionSchema } from '../../domain/session';
import { DAMAGE_WAYS, JOBS } from '../../domain/terms';
import { toolSchema } from '../../domain/tool';
import { anyLook, anyTool } from '../../testing/anything';
import { benchWith } from '../../testing/bench';
import { sample } from '../../testing/sample';

/** Whatever a person keeps, believes and finds: a plan is a plan, and its session can be kept. */

const problem = fc.record({
  tool: anyTool,
  seen: anyLook,
  job: fc.constantFrom(...JOBS),
  spineWork: fc.option(fc.constantFrom(...Object.values(SPINE_WORKS).flat())),
  keenRadiusUm: fc.option(fc.double({ min: 0.2, max: 5, noNaN: true })),
  damageWay: fc.option(fc.constantFrom(...DAMAGE_WAYS)),
  turnDeg: fc.integer({ min: -3, max: 6 }),
  grind: fc.constantFrom('as it is' as const, 'scandi' as const, 'convex' as const),
});

const at = '2026-05-01T10:00:00.000Z';

it('every kind of tool, school, finding and job has a plan whose session can be kept', () => {
  fc.assert(
    fc.property(problem, (asked) => {
      toolSchema.validateSync(asked.tool, { strict: true });
      const [zone] = asked.tool.zones;
      const plan = planJob({
        ...asked,
        zone: zone!,
        sessions: sample.sessions,
        knownApexUm: null,
        aim: { grind: asked.grind, angleDeg: zone!.bevelAngleDeg + 4 + asked.turnDeg },
        bench: benchWith(abrasivesAtHand(sample, asked.tool.schools)),
      });
      if (!plan) {
        const untested = asked.job !== 'spine' && asked.seen.tests.length === 0;
        expect(untested || asked.tool.spine.use === 'plain').toBe(true);
        return;
      }
      expect(plan.steps.length > 0).toBe(plan.outcome === 'planned');
      const minutes = plan.steps.reduce((sum, step) => sum + step.minutes, 0);
      expect(plan.minutes).toBeCloseTo(minutes, 6);
      for (const step of plan.steps) {
        expect(step.strokesPerSide).toBeGreaterThan(0);
        expect(step.strokesPerSideLow).toBeLessThanOrEqual(step.strokesPerSide);
        expect(step.strokesPerSideHigh).toBeGreaterThanOrEqual(step.strokesPerSide);
        expect(step.volumeMm3).toBeGreaterThanOrEqual(0);
      }
      if (plan.outcome === 'planned' && zoneLeft(plan.steps)) {
        toolSchema.validateSync(
          { ...asked.tool, zones: [zoneLeft(plan.steps)!] },
          { strict: true },
        );
      }
      if (plan.outcome !== 'planned') return;
      const { id: zoneId } = zone!;
      const place = { id: 's', at, toolId: asked.tool.id, zoneId, where: 'bench' as const };
      const session = startSession({
        ...place,
        job: asked.job,
        before: asked.seen,
        targetApexUm: zone!.targetApexUm,
        damageWay: asked.damageWay,
        plan,
        wordsOf: () => ({ doneWhen: ['no glint'], warnings: [] }),
      });
      sessionSchema.validateSync(session, { strict: true });
      const finished = advance(session, { type: 'finish', findings: [], notes: '', at });
      sessionSchema.validateSync(finished, { strict: true });
    }),
    { numRuns: 400 },
  );
});
