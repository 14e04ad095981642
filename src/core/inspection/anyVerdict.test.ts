import fc from 'fast-check';
import {
  abrasivesAtHand,
  DEFAULT_PACE,
  edgeNeeds,
  jobOfRung,
  judgeEdge,
  RUNGS,
  stopReasons,
  zoneStates,
} from '..';
import {
  finding,
  NO_CHECKS,
  passes,
  type Inspection,
  type Observation,
  type ToolChecks,
} from '../../domain/session';
import { SHARPNESS_TESTS } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { anyTestedLook, anyTool } from '../../testing/anything';
import { sample } from '../../testing/sample';

/** What holds of every verdict, whatever the tool, the keeper and the look. */

const pace = DEFAULT_PACE;

function judge(tool: Tool, seen: Observation, checks: ToolChecks = NO_CHECKS) {
  return judgeEdge({
    tool,
    zone: tool.zones[0]!,
    seen,
    checks,
    history: [],
    knownApexUm: null,
    keenRadiusUm: null,
    abrasives: abrasivesAtHand(sample, tool.schools),
    pace,
  });
}

const anyStop = fc
  .record({
    head: fc.constantFrom<ToolChecks['head']>(null, 'tight', 'loose'),
    handle: fc.constantFrom<ToolChecks['handle']>(null, 'sound', 'cracked'),
    blade: fc.constantFrom<ToolChecks['blade']>(null, 'sound', 'cracked'),
  })
  .map((some): ToolChecks => ({ ...NO_CHECKS, ...some }));

const weight = (rung: (typeof RUNGS)[number]): number => RUNGS.indexOf(rung);

it('the rung chosen reaches the target, and nothing lighter does so in half an hour', () => {
  fc.assert(
    fc.property(anyTool, anyTestedLook, (tool, seen) => {
      const { rung, reason, outlooks, whyNotLighter } = judge(tool, seen);
      expect(reason.length).toBeGreaterThan(10);
      if (rung === 'professional' || rung === 'thin') return;
      const chosen = outlooks.findIndex((outlook) => outlook.rung === rung);
      expect(outlooks[chosen]!.reaches).toBe(true);
      for (const lighter of outlooks.slice(0, chosen)) {
        expect(lighter.reaches && lighter.minutes! <= 30).toBe(false);
      }
      if (chosen > 0) expect(whyNotLighter).toContain(outlooks[chosen - 1]!.rung);
    }),
  );
});

it('what is cracked or loose stops use, whatever else is seen, and nothing sound does', () => {
  fc.assert(
    fc.property(anyTool, anyTestedLook, anyStop, (tool, seen, checks) => {
      const unsound = stopReasons(checks).length > 0;
      expect(judge(tool, seen, checks).rung === 'stop use').toBe(unsound);
    }),
  );
});

it('the verdict never gets lighter when a chip gets deeper or the edge blunter', () => {
  const depth = fc.double({ min: 0, max: 3, noNaN: true });
  const rank = fc.integer({ min: 0, max: SHARPNESS_TESTS.length - 1 });
  fc.assert(
    fc.property(anyTool, depth, depth, rank, rank, (tool, one, two, keen, blunt) => {
      const at = (depthMm: number, test: number) =>
        weight(
          judge(tool, {
            tests: [passes(SHARPNESS_TESTS[test]!)],
            findings: depthMm > 0 ? [finding('chip', 20, depthMm)] : [],
          }).rung,
        );
      const [shallow, deep] = [Math.min(one, two), Math.max(one, two)];
      const [sharper, duller] = [Math.min(keen, blunt), Math.max(keen, blunt)];
      expect(at(deep, sharper)).toBeGreaterThanOrEqual(at(shallow, sharper));
      expect(at(shallow, duller)).toBeGreaterThanOrEqual(at(shallow, sharper));
    }),
  );
});

it('the rack asks for the job that the verdict leads to', () => {
  fc.assert(
    fc.property(anyTool, anyTestedLook, (tool, seen) => {
      const look: Inspection = {
        ...sample.inspections[0]!,
        toolId: tool.id,
        zoneId: tool.zones[0]!.id,
        seen,
        checks: NO_CHECKS,
      };
      const states = zoneStates({ tools: [tool], sessions: [], inspections: [look] });
      const abrasives = abrasivesAtHand(sample, tool.schools);
      const [need] = edgeNeeds({ states, abrasives, pace });
      const { rung } = judge(tool, seen);
      const job = jobOfRung(rung);
      if (rung === 'leave alone') expect(need!.plan?.outcome).toBe('leave alone');
      else if (job === null) expect(need!.plan?.outcome ?? 'none').not.toBe('planned');
      else expect(need!.job).toBe(job);
    }),
  );
});
