import fc from 'fast-check';
import { heldStep, stepHold } from '../hold';
import { zoneLeft } from '../jobs';
import {
  planTouchUp,
  adviseAngle,
  damageChoices,
  diagnose,
  edgeJobOf,
  steelLeft,
  SYMPTOM_IDS,
  zoneNow,
} from '.';
import { abrasivesAtHand, workingFace } from '../ladder';
import { TASKS } from '../../domain/tasks';
import type { Session } from '../../domain/session';
import { finding, passedTest } from '../../domain/observation';
import { CAUSES, SHARPNESS_TESTS } from '../../domain/terms';
import { toolSchema, type Tool } from '../../domain/tool';
import { anyMeasuredTool } from '../../testing/anything';
import { benchWith } from '../../testing/bench';
import { toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';

jest.setTimeout(60_000);

/** Whatever measures records allow, and however long the log: an answer, and one that can be followed. */

const [like] = sample.sessions.filter(({ job }) => job === 'touch-up');

/** Years of touch-ups of one zone, one a week, as blunt and as chipped as they come. */
const logOf = (
  tool: Tool,
  weeks: number,
  chipMm: number,
  cause: (typeof CAUSES)[number],
): Session[] =>
  Array.from({ length: weeks }, (_, week) => {
    const at = new Date(Date.UTC(2010, 0, 1) + week * 7 * 24 * 3600 * 1000).toISOString();
    const step = { ...like!.steps[0]!, kind: 'stone' as const, left: 20, right: 20 };
    return {
      ...like!,
      id: `w${week}`,
      toolId: tool.id,
      zoneId: tool.zones[0]!.id,
      startedAt: at,
      finishedAt: at,
      steps: [{ ...step, task: chipMm > 0 ? ('grind out damage' as const) : step.task }],
      before: {
        tests: [passedTest('blunt')],
        findings: chipMm > 0 ? [finding('chip', 20, chipMm, { cause })] : [],
      },
    };
  });

/** Narrow foil whose bevel takes all of the blade, or is so steep that a band runs far up its faces. */
const foil = (zone: Partial<Tool['zones'][number]>): Tool => {
  const typical = toolOf('scandi-knife');
  return {
    ...typical,
    bladeWidthMm: 5,
    spineThicknessMm: 0.5,
    zones: [{ ...typical.zones[0]!, primaryAngleDeg: 0, ...zone }],
  };
};
const ALL_BEVEL = foil({
  grind: 'hollow',
  hollowRadiusMm: 100,
  bevelAngleDeg: 5,
  shoulderThicknessMm: 18.4,
  microBevel: { angleDeg: 5.55, faceWidthMm: 0.093 },
});
const STEEP_FOIL = foil({
  bevelAngleDeg: 50,
  shoulderThicknessMm: 0.1,
  microBevel: { angleDeg: 50.1, faceWidthMm: 0.024 },
});

const log = {
  weeks: fc.constantFrom(0, 1, 10, 300),
  chipMm: fc.constantFrom(0, 0.05, 0.4, 2),
  cause: fc.constantFrom(...CAUSES),
};

it('the sample of measures is what records allow', () => {
  fc.assert(
    fc.property(anyMeasuredTool, (tool) => {
      toolSchema.validateSync(tool, { strict: true });
    }),
  );
});

it('every symptom has a remedy that the hand can follow', () => {
  fc.assert(
    fc.property(anyMeasuredTool, (tool) => {
      const [zone] = tool.zones;
      const all = diagnose({
        symptomIds: SYMPTOM_IDS,
        tool,
        zone: zone!,
        coinThicknessMm: 2.33,
      });
      const { angleDeg } = workingFace(tool, zone!);
      for (const { turnDeg, liftMm, coins } of all) {
        expect(angleDeg + turnDeg).toBeGreaterThanOrEqual(5 - 1e-9);
        expect(angleDeg + turnDeg).toBeLessThanOrEqual(60 + 1e-9);
        if (liftMm !== null) expect(Number.isFinite(liftMm)).toBe(true);
        if (coins !== null) expect(Number.isFinite(coins)).toBe(true);
      }
    }),
  );
});

it('the adviser answers within the angles there are, over years of log', () => {
  fc.assert(
    fc.property(anyMeasuredTool, log.weeks, log.chipMm, log.cause, (tool, weeks, chipMm, cause) => {
      const [zone] = tool.zones;
      const { move, changeDeg, prices, reason } = adviseAngle({
        tool,
        zone: zone!,
        sessions: logOf(tool, weeks, chipMm, cause),
        inspections: [],
        tasks: TASKS.slice(0, 3),
      });
      const { angleDeg } = workingFace(tool, zone!);
      expect(angleDeg + changeDeg).toBeGreaterThanOrEqual(5);
      expect(angleDeg + changeDeg).toBeLessThanOrEqual(60);
      expect(changeDeg === 0).toBe(move === 'keep' || move === 'thin');
      for (const price of prices) expect(price.steelMm3).toBeGreaterThanOrEqual(0);
      if (reason.kind === 'damaged by work') expect(cause).toBe('work');
    }),
    { numRuns: 60, examples: [[ALL_BEVEL, 0, 0, 'work']] },
  );
});

it('steel left and the grown edge hold, past the end of the blade too', () => {
  fc.assert(
    fc.property(anyMeasuredTool, log.weeks, log.chipMm, (tool, weeks, chipMm) => {
      const [zone] = tool.zones;
      const sessions = logOf(tool, weeks, chipMm, 'work');
      const { leftMm, touchUps } = steelLeft(tool, zone!, sessions);
      expect(leftMm).toBeGreaterThanOrEqual(0);
      expect(touchUps).toBeGreaterThanOrEqual(0);
      toolSchema.validateSync(
        { ...tool, zones: [zoneNow(tool, zone!, sessions)] },
        { strict: true },
      );
    }),
    { numRuns: 60 },
  );
});

it('an edge is planned, its damage priced and its hold named', () => {
  const test = fc.constantFrom(...SHARPNESS_TESTS);
  const chip = fc.constantFrom(0, 0.05, 0.3, 1.5);
  fc.assert(
    fc.property(anyMeasuredTool, test, chip, (tool, seen, chipMm) => {
      const [zone] = tool.zones;
      const findings = chipMm > 0 ? [finding('chip', 20, chipMm)] : [];
      const edge = edgeJobOf({
        tool,
        zone: zone!,
        seen: { tests: [passedTest(seen)], findings },
        knownApexUm: null,
        keenRadiusUm: null,
        sessions: [],
        bench: benchWith(abrasivesAtHand(sample)),
      })!;
      const plan = planTouchUp(edge);
      for (const { minutes, steelMm3 } of damageChoices(edge).map((c) => ({ ...c, ...c.plan }))) {
        expect(minutes).toBeGreaterThanOrEqual(0);
        expect(steelMm3).toBeGreaterThanOrEqual(0);
      }
      for (const step of plan.steps) {
        const hold = stepHold(heldStep(step), { tool, zone: zone!, coinThicknessMm: 2.33 });
        expect(hold!.angleDeg).toBeLessThanOrEqual(60);
      }
      if (zoneLeft(plan.steps)) {
        toolSchema.validateSync({ ...tool, zones: [zoneLeft(plan.steps)!] }, { strict: true });
      }
    }),
    { numRuns: 80, examples: [[STEEP_FOIL, 'pops-hair', 1.5]] },
  );
});

it('damage counts once, since the zone was measured, and an open chip not from work keeps the angle', () => {
  const [tool] = sample.tools.filter(({ id }) => id === 'old-hob');
  const zone = { ...tool!.zones[0]!, measuredAt: '2010-06-01T00:00:00.000Z' };
  const advise = (sessions: Session[], noImpacts = false) =>
    adviseAngle({
      tool: tool!,
      zone: { ...zone, noImpacts },
      sessions,
      inspections: [],
      tasks: [],
    });
  const before = logOf(tool!, 10, 0.4, 'work').map((s) => ({ ...s, zoneId: zone.id }));
  expect(advise(before).reason).toEqual({ kind: 'nothing yet' });
  const after = logOf(tool!, 60, 0.4, 'work')
    .slice(50)
    .map((s) => ({ ...s, zoneId: zone.id }));
  expect(advise(after)).toMatchObject({ move: 'steeper', reason: { kind: 'damaged by work' } });
  const look = (cause: (typeof CAUSES)[number]) => {
    const seen = [finding('chip', 50, 0.3, { cause })];
    return { ...after.at(-1)!, finishedAt: null, before: { tests: [], findings: seen }, steps: [] };
  };
  expect(advise([...after, look('misuse')])).toMatchObject({ move: 'keep', changeDeg: 0 });
  expect(advise([look('unknown')], true).reason).toEqual({ kind: 'open chip', cause: 'misuse' });
});
