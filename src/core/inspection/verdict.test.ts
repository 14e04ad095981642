import fc from 'fast-check';
import { addDays } from 'date-fns';
import { adviseAngle, diagnose, judgeEdge, RUNGS, SYMPTOM_IDS } from '.';
import { spineLift } from '../edge';
import { workingSteel } from '../wear';
import { abrasivesAtHand } from '../ladder';
import type { EdgeTest, Finding, Inspection, Session } from '../../domain/session';
import { finding, NO_CHECKS, passedTest } from '../../domain/observation';
import { CAUSES, SHARPNESS_TESTS, type SharpnessTest } from '../../domain/terms';
import type { Tool } from '../../domain/tool';
import { TASKS } from '../../domain/tasks';
import { typicalTool } from '../../domain/typicalTools';
import { benchWith } from '../../testing/bench';
import { sample } from '../../testing/sample';

const abrasives = abrasivesAtHand(sample);
const record = { id: 't', createdAt: '', updatedAt: '', deletedAt: null };
const knife: Tool = { ...record, ...typicalTool('flat-knife', 'Sprig') };
const axe: Tool = { ...record, ...typicalTool('felling-axe', 'Old Hob') };

const judge = (
  test: SharpnessTest | null,
  findings: Finding[] = [],
  change: Partial<Parameters<typeof judgeEdge>[0]> = {},
) =>
  judgeEdge({
    tool: knife,
    zone: knife.zones[0]!,
    seen: { tests: test ? [passedTest(test)] : [], findings },
    checks: NO_CHECKS,
    history: [],
    knownApexUm: null,
    keenRadiusUm: null,
    bench: benchWith(abrasives),
    ...change,
  });

describe('the verdict', () => {
  it('is the lightest rung that reaches the target', () => {
    expect(judge('shaves').rung).toBe('leave alone');
    expect(judge('slices-paper').rung).toBe('strop');
    expect(judge('slides-on-nail').rung).toMatch(/stone/);
    expect(judge('slices-paper', [finding('roll', 40, 0.05)]).rung).toBe('hone');
    expect(judge('slices-paper', [finding('chip', 40, 0.15)]).rung).toMatch(/medium|coarse/);
    expect(judge('slices-paper', [finding('chip', 40, 2.5)]).rung).toBe('professional');
    expect(judge(null).reason).toEqual({ kind: 'test first' });
    expect(judge(null, [finding('glint', 40, 0)]).rung).toMatch(/stone/);
  });

  it('says why the lighter rung fails and what the heavier one wastes', () => {
    const verdict = judge('slices-paper');
    expect(verdict.lighter).toMatchObject({ rung: 'hone', why: 'not merely turned' });
    expect(verdict.heavier!.moreMm3).toBeGreaterThan(0);
    expect(verdict.outlooks.filter(({ minutes }) => minutes !== null).length).toBeGreaterThan(2);
    expect(verdict.plan!.steps.at(-1)!.abrasive.kind).toBe('strop');
  });

  it('leaves tolerated damage where it is', () => {
    const tolerated = finding('chip', 40, 0.8, { leftOnPurpose: true });
    expect(judge('shaves', [tolerated]).rung).toBe('leave alone');
  });

  it('thins an edge past its limit', () => {
    const zone = { ...knife.zones[0]!, faceLimitMm: 0.5 };
    expect(judge('shaves', [], { zone }).rung).toBe('thin');
  });

  it('sends bends and burnt steel to a smith', () => {
    const checks = { ...NO_CHECKS, straightness: 'badly bent' } as const;
    expect(judge('shaves', [], { checks }).rung).toBe('professional');
  });

  const tests = fc.constantFrom(...SHARPNESS_TESTS);
  const depth = fc.double({ min: 0.02, max: 2.4, noNaN: true });

  it('never gets lighter when damage grows', () => {
    const tools = fc.constantFrom(knife, axe);
    const kind = fc.constantFrom('chip', 'roll', 'out-of-true');
    fc.assert(
      fc.property(tools, tests, kind, depth, depth, (tool, test, k, a, b) => {
        const rank = (depthMm: number) => {
          const { rung } = judge(test, [finding(k, 40, depthMm)], {
            tool,
            zone: tool.zones[0]!,
            damageWay: 'whole face',
          });
          return RUNGS.indexOf(/stone/.test(rung) ? 'coarse stone or file' : rung);
        };
        expect(rank(Math.max(a, b))).toBeGreaterThanOrEqual(rank(Math.min(a, b)));
      }),
      { numRuns: 60 },
    );
  });

  it('stops a tool that is not sound, whatever else is seen', () => {
    const unsound = fc.constantFrom(
      { head: 'loose' as const },
      { handle: 'cracked' as const },
      { blade: 'cracked' as const },
    );
    fc.assert(
      fc.property(unsound, tests, depth, (bad, test, depthMm) => {
        const checks = { ...NO_CHECKS, straightness: 'badly bent' as const, ...bad };
        const verdict = judge(test, [finding('chip', 10, depthMm)], { checks });
        expect(verdict).toMatchObject({ rung: 'stop use', plan: null });
      }),
      { numRuns: 40 },
    );
  });
});

describe('the adviser', () => {
  const look = (findings: Finding[]): Inspection => ({
    ...sample.inspections[0]!,
    zoneId: 'edge',
    seen: { tests: [], findings },
  });
  const evenTouchUp: Session = {
    ...sample.sessions[0]!,
    zoneId: 'edge',
    before: { tests: [], findings: [] },
  };
  const advise = (findings: Finding[], touchUps: number, tasks = TASKS.slice(0, 1)) =>
    adviseAngle({
      tool: knife,
      zone: knife.zones[0]!,
      sessions: Array.from({ length: touchUps }, () => evenTouchUp),
      inspections: [look(findings)],
      tasks,
    });

  it('moves steeper for damage from normal work only', () => {
    for (const cause of CAUSES) {
      const { move, changeDeg } = advise([finding('chip', 40, 0.2, { cause })], 0);
      expect(move).toBe(cause === 'work' ? 'steeper' : 'keep');
      if (cause === 'work') expect(changeDeg).toBe(2);
    }
    const again = [finding('chip', 40, 0.2), finding('chip', 40, 0.2)];
    expect(advise(again, 0).reason).toMatchObject({ count: 1 });
    const many = [0, 1, 2].map((i) => finding('roll', 20 * i, 0.4));
    expect(advise(many, 0).changeDeg).toBe(3);
  });

  it('forgets the chips of an angle that is worked no more', () => {
    const chipped = [finding('chip', 40, 0.4, { cause: 'work' })];
    const clean: Finding[] = [];
    // Oldest first: chips at 11.5°, then touch-ups at another angle or still at that.
    const life = (angleDeg: number) =>
      Array.from({ length: 9 }, (_, i) => ({
        ...evenTouchUp,
        id: `touch-up ${i}`,
        toolId: knife.id,
        startedAt: addDays('2027-01-01T12:00:00.000Z', 10 * i).toISOString(),
        finishedAt: addDays('2027-01-01T12:30:00.000Z', 10 * i).toISOString(),
        steps: evenTouchUp.steps.map((step) => ({ ...step, angleDeg: i < 3 ? 11.5 : angleDeg })),
        before: { tests: [passedTest('slices-paper')], findings: i < 3 ? chipped : clean },
        after: { tests: [passedTest('shaves')], findings: clean },
      }));
    const adviseAfter = (angleDeg: number) =>
      adviseAngle({
        tool: knife,
        zone: { ...knife.zones[0]!, measuredAt: '2026-01-01T00:00:00.000Z' },
        sessions: life(angleDeg),
        inspections: [],
        tasks: TASKS.slice(0, 1),
      });
    expect(adviseAfter(11.5)).toMatchObject({
      move: 'steeper',
      reason: { kind: 'damaged by work' },
    });
    expect(adviseAfter(15).reason).not.toMatchObject({ kind: 'damaged by work' });
    expect(adviseAfter(15).move).not.toBe('steeper');
  });

  it('moves a degree flatter after several touch-ups of even dulling', () => {
    expect(advise([], 2).move).toBe('keep');
    expect(advise([], 3)).toMatchObject({ move: 'flatter', changeDeg: -1 });
    expect(advise([finding('chip', 40, 0.1)], 5).move).toBe('steeper');
  });

  it('keeps the angle where dulling is fast, uneven, or told by other work', () => {
    const log = (change: Partial<Session>) =>
      adviseAngle({
        tool: knife,
        zone: knife.zones[0]!,
        sessions: Array.from({ length: 3 }, () => ({ ...evenTouchUp, ...change })),
        inspections: [],
        tasks: TASKS.slice(0, 1),
      }).move;
    const tested = (...tests: EdgeTest[]) => ({ before: { tests, findings: [] } });
    expect(log(tested(passedTest('slices-paper')))).toBe('flatter');
    expect(log(tested(passedTest('blunt')))).toBe('keep');
    expect(log(tested(passedTest('tears-paper', 'tip'), passedTest('shaves', 'heel')))).toBe(
      'keep',
    );
    expect(log({ job: 'spine' })).toBe('keep');
    expect(log({ finishedAt: null })).toBe('keep');
  });

  it('keeps to what the work planned asks for', () => {
    const chopping = TASKS.filter(({ id }) => id === 'chop');
    expect(advise([], 5, chopping).move).toBe('keep');
    const splitting = TASKS.filter(({ id }) => id === 'split');
    expect(advise([], 0, splitting)).toMatchObject({ move: 'steeper', changeDeg: 3 });
  });

  it('prices each angle: thicker, tougher, and steel to get there', () => {
    const { prices } = advise([], 0);
    prices.slice(1).forEach((price, i) => {
      expect(price.thicknessMm).toBeGreaterThan(prices[i]!.thicknessMm);
      expect(price.damageShare).toBeLessThan(prices[i]!.damageShare);
      expect(price.biteShare).toBeLessThan(prices[i]!.biteShare);
    });
    expect(prices.find(({ steelMm3 }) => steelMm3 === 0)!.damageShare).toBe(1);
    expect(prices.filter(({ steelMm3 }) => steelMm3 > 0)).toHaveLength(prices.length - 1);
  });
});

describe('the diagnosis', () => {
  const wren = sample.tools.find(({ id }) => id === 'wren')!;
  const coinThicknessMm = 2.33;

  it('turns its remedy into lift and coins for this very tool', () => {
    const [low] = diagnose({
      symptomIds: ['ink-at-edge'],
      tool: wren,
      zone: wren.zones[0]!,
      coinThicknessMm,
    });
    const lift = spineLift({ ...wren, angleDeg: 16 }) - spineLift({ ...wren, angleDeg: 15 });
    expect(low!.liftMm).toBeCloseTo(lift, 9);
    expect(low!.coins).toBeCloseTo(lift / coinThicknessMm, 9);
  });

  it('answers every symptom, on an axe by the back end of the stone', () => {
    const all = diagnose({
      symptomIds: SYMPTOM_IDS,
      tool: axe,
      zone: axe.zones[0]!,
      coinThicknessMm,
    });
    expect(all).toHaveLength(SYMPTOM_IDS.length);
    for (const { turnDeg, liftMm, coins } of all) {
      if (turnDeg === 0) expect(liftMm).toBeNull();
      else expect(Math.sign(liftMm!)).toBe(Math.sign(turnDeg));
      expect(coins).toBeNull();
    }
  });
});

it('a file narrows an unknown steel', () => {
  const steel = { ...knife.steel, hardnessLowHrc: 50, hardnessHighHrc: 64 };
  const range = (fileBite: 'bites' | 'hardly bites' | 'skates' | null) =>
    workingSteel({ ...steel, fileBite }).rangeHrc;
  expect(range(null)).toEqual([50, 64]);
  expect(range('bites')).toEqual([50, 57]);
  expect(range('skates')).toEqual([58, 64]);
  expect(workingSteel({ ...steel, hardnessLowHrc: 62, fileBite: 'bites' }).hardnessHrc).toBe(57);
  expect(workingSteel({ ...steel, carbide: 'unknown', stainless: 'unknown' })).toMatchObject({
    carbide: 'moderate',
    stainless: false,
  });
});
