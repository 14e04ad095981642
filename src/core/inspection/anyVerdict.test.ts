import fc from 'fast-check';
import {
  jobOfRung,
  stopReasons,
  damageChoices,
  edgeJobOf,
  edgeNeeds,
  judgeEdge,
  RUNGS,
  zoneStates,
} from '.';
import { abrasivesAtHand } from '../ladder';
import type { Inspection, Observation, ToolChecks } from '../../domain/session';
import { finding, NO_CHECKS, passedTest } from '../../domain/observation';
import { SHARPNESS_TESTS } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { anyTestedLook, anyTool } from '../../testing/anything';
import { benchWith } from '../../testing/bench';
import { sample } from '../../testing/sample';

jest.setTimeout(60_000);

/** What holds of every verdict, whatever the tool, the keeper and the look. */

const benchOf = (tool: Tool) => benchWith(abrasivesAtHand(sample, tool.schools));

function judge(tool: Tool, seen: Observation, checks: ToolChecks = NO_CHECKS) {
  return judgeEdge({
    tool,
    zone: tool.zones[0]!,
    seen,
    checks,
    history: [],
    knownApexUm: null,
    keenRadiusUm: null,
    bench: benchOf(tool),
  });
}

const anyStop = fc
  .record({
    head: fc.constantFrom<ToolChecks['head']>(null, 'tight', 'loose'),
    handle: fc.constantFrom<ToolChecks['handle']>(null, 'sound', 'cracked'),
    blade: fc.constantFrom<ToolChecks['blade']>(null, 'sound', 'cracked'),
  })
  .map((some): ToolChecks => ({ ...NO_CHECKS, ...some }));

it('the rung chosen has its minutes, and says why the lighter one is not enough', () => {
  fc.assert(
    fc.property(anyTool, anyTestedLook, (tool, seen) => {
      const { rung, outlooks, lighter, plan } = judge(tool, seen);
      if (rung === 'professional' || rung === 'thin') return;
      const chosen = outlooks.find((outlook) => outlook.rung === rung)!;
      expect(chosen.why).toBeNull();
      if (plan!.outcome === 'planned') expect(plan!.minutes).toBeGreaterThan(0);
      if (lighter) expect(lighter.why).not.toBeNull();
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

/** From leaving alone through hone and strop to stones, and on to a smith: stones are told apart by minutes. */
const stage = (rung: (typeof RUNGS)[number]): number =>
  RUNGS.indexOf(/stone/.test(rung) ? 'coarse stone or file' : rung);

it('the verdict never gets lighter when a chip gets deeper or the edge blunter', () => {
  const depth = fc.double({ min: 0, max: 3, noNaN: true });
  const rank = fc.integer({ min: 0, max: SHARPNESS_TESTS.length - 1 });
  fc.assert(
    fc.property(anyTool, depth, depth, rank, rank, (tool, one, two, keen, blunt) => {
      const at = (depthMm: number, test: number) =>
        stage(
          judge(tool, {
            tests: [passedTest(SHARPNESS_TESTS[test]!)],
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

it('each way of dealing with damage is priced, one of them is usual, and left damage wears out', () => {
  const depth = fc.double({ min: 0.02, max: 1.5, noNaN: true });
  fc.assert(
    fc.property(anyTool, depth, (tool, depthMm) => {
      const edge = edgeJobOf({
        tool,
        zone: tool.zones[0]!,
        seen: { tests: [passedTest('slices-paper')], findings: [finding('chip', 20, depthMm)] },
        knownApexUm: null,
        keenRadiusUm: null,
        sessions: [],
        bench: benchOf(tool),
      })!;
      const choices = damageChoices(edge);
      expect(choices.filter(({ usual }) => usual)).toHaveLength(1);
      for (const { way, minutesMore, wornOut } of choices) {
        expect(minutesMore).toBeGreaterThanOrEqual(0);
        expect(wornOut === null).toBe(way !== 'leave it');
        if (wornOut) expect(wornOut.touchUps).toBeGreaterThanOrEqual(1);
      }
    }),
    { numRuns: 60 },
  );
});

it('the rack asks for the job that the verdict leads to, in the same minutes', () => {
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
      const [need] = edgeNeeds({ states, sessions: [], benchOf });
      const { rung, plan } = judge(tool, seen);
      const job = jobOfRung(rung);
      expect(need!.plan?.minutes ?? 0).toBeCloseTo(plan?.minutes ?? 0, 9);
      if (rung === 'leave alone') expect(need!.plan?.outcome).toBe('leave alone');
      else if (job === null) expect(need!.plan?.outcome ?? 'none').not.toBe('planned');
      else expect(need!.job).toBe(job);
    }),
  );
});
