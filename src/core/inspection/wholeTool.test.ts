import {
  damageOf,
  edgeState,
  honeReaches,
  planTouchUp,
  stopReasons,
  damageToMend,
  edgeJobOf,
  checksOf,
} from '.';
import { abrasivesAtHand } from '../ladder';
import type { Inspection, ToolChecks } from '../../domain/session';
import { finding, NO_CHECKS, passedTest } from '../../domain/observation';
import { benchWith } from '../../testing/bench';
import { toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';

const look = (at: string, checks: Partial<ToolChecks>): Inspection => ({
  ...sample.inspections[0]!,
  at,
  lookedAlong: true,
  checks: { ...NO_CHECKS, ...checks },
});

describe('checks of the whole tool', () => {
  it('hold until they are looked at again', () => {
    const looks = [
      look('2026-03-01T10:00:00.000Z', { handle: 'cracked', head: 'tight' }),
      look('2026-05-01T10:00:00.000Z', { head: 'loose' }),
      look('2026-04-01T10:00:00.000Z', {}),
    ];
    expect(checksOf(sample.inspections[0]!.toolId, looks)).toMatchObject({
      handle: 'cracked',
      head: 'loose',
      blade: null,
    });
    const mended = look('2026-06-01T10:00:00.000Z', { handle: 'sound', head: 'tight' });
    expect(stopReasons(checksOf(sample.inspections[0]!.toolId, [...looks, mended]))).toEqual([]);
  });

  it('name every reason to stop, and none for what was not looked at', () => {
    expect(stopReasons(NO_CHECKS)).toEqual([]);
    const all = { ...NO_CHECKS, handle: 'cracked', head: 'loose', blade: 'cracked' } as const;
    expect(stopReasons(all)).toHaveLength(3);
    expect(stopReasons({ ...NO_CHECKS, straightness: 'badly bent' })).toEqual([]);
  });
});

describe('what is to be mended', () => {
  it('is the deepest chip, roll or crookedness that is not left on purpose', () => {
    const findings = [
      finding('chip', 10, 0.2),
      finding('chip', 20, 0.9, { leftOnPurpose: true }),
      finding('out-of-true', 30, 0.4),
      finding('rust', 40, 1),
    ];
    const knife = toolOf('flat-knife');
    const axe = toolOf('felling-axe');
    expect(damageToMend(knife, knife.zones[0]!, findings)).toBe(0.4);
    expect(damageToMend(knife, knife.zones[0]!, [])).toBe(0);
    expect(damageToMend(axe, axe.zones[0]!, findings)).toBe(0.4);
  });

  it('is not a small chip of a chopping tool: later touch-ups wear it out', () => {
    const findings = [finding('chip', 10, 0.1)];
    const mend = (kind: 'felling-axe' | 'machete' | 'flat-knife') => {
      const tool = toolOf(kind);
      return damageToMend(tool, tool.zones[0]!, findings);
    };
    expect([mend('felling-axe'), mend('machete'), mend('flat-knife')]).toEqual([0, 0, 0.1]);
  });

  it('lies from its outermost place to the other, and thirty millimetres either side', () => {
    const { stretch, turned } = damageOf([finding('chip', 20, 0.2), finding('chip', 70, 0.1)]);
    expect(stretch).toEqual({ startMm: 0, endMm: 100 });
    expect(turned).toBe(false);
    expect(damageOf([]).stretch).toBeNull();
  });

  it('a glint counts as dull whatever the other stretches pass', () => {
    const tool = toolOf('flat-knife');
    const zone = { ...tool.zones[0]!, targetApexUm: 1 };
    const seen = { tests: [passedTest('shaves')], findings: [finding('glint', 40, 0)] };
    const inspections = [{ ...sample.inspections[0]!, zoneId: 'edge', seen }];
    expect(edgeState({ tool, zone, sessions: [], inspections }).word).toBe('blunt');
    const left = { ...seen, findings: [finding('glint', 40, 0, { leftOnPurpose: true })] };
    const tolerated = [{ ...inspections[0]!, seen: left }];
    expect(edgeState({ tool, zone, sessions: [], inspections: tolerated }).word).toBe('keen');
  });

  it('a hone is for turned edges alone', () => {
    const zone = sample.tools.find(({ id }) => id === 'sprig')!.zones[0]!;
    const base = { zone, apexRadiusUm: 2, keenRadiusUm: null };
    const hone = (...findings: Parameters<typeof finding>[]) =>
      honeReaches({ ...base, findings: findings.map((f) => finding(...f)) });
    expect(hone(['roll', 30, 0.05])).toBe(true);
    expect(hone(['roll', 30, 0.3])).toBe(false);
    expect(hone(['roll', 30, 0.05], ['chip', 50, 0.1])).toBe(false);
    expect(hone()).toBe(false);
    const round = { ...base, apexRadiusUm: 15, findings: [finding('roll', 30, 0.05)] };
    expect(honeReaches(round)).toBe(false);
  });
});

describe('the plan for an edge', () => {
  const tool = sample.tools.find(({ id }) => id === 'wren')!;
  const plan = (apexRadiusUm: number, damageDepthMm = 0) =>
    planTouchUp({
      ...edgeJobOf({
        tool,
        zone: tool.zones[0]!,
        seen: { tests: [passedTest('blunt')], findings: [] },
        knownApexUm: null,
        keenRadiusUm: null,
        sessions: [],
        bench: benchWith(abrasivesAtHand(sample)),
      })!,
      apexRadiusUm,
      damageDepthMm,
    });

  it('leaves a keen edge alone, small marks and all', () => {
    expect(plan(0.5).outcome).toBe('leave alone');
    expect(plan(1.05, 0.05).outcome).toBe('leave alone');
  });

  it('strops before it stones, and stones fine before coarse', () => {
    const first = (apexUm: number, depthMm = 0) => plan(apexUm, depthMm).steps[0]!.abrasive;
    expect(first(1.5).kind).toBe('strop');
    expect(first(4).sizeUm).toBeLessThanOrEqual(20);
    expect(first(4, 0.2).sizeUm).toBeGreaterThan(20);
  });
});
