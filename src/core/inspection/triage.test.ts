import fc from 'fast-check';
import { edgeJobOf, planTouchUp, triage } from '.';
import { NO_WISHES, workingFace, type LadderAbrasive } from '../ladder';
import { PRIORS } from '../priors';
import type { EdgeJob } from '../jobs';
import { finding, passedTest } from '../../domain/observation';
import { TOOL_KINDS, type ToolKind } from '../../domain/kinds';
import { DAMAGE_WAYS } from '../../domain/terms';
import { benchWith } from '../../testing/bench';
import { stone, strop, toolOf } from '../../testing/ladderFixtures';

const file = stone(100, {
  id: 'file',
  name: 'mill file',
  family: 'file',
  form: 'file',
  lengthMm: 250,
});
const pebble = stone(10, { id: 'pebble', family: 'novaculite', form: 'pebble', lengthMm: 80 });

const chipped = (kind: ToolKind, depthMm: number, change: Partial<EdgeJob> = {}): EdgeJob => {
  const tool = toolOf(kind);
  const edge = edgeJobOf({
    tool,
    zone: tool.zones[0]!,
    seen: { tests: [passedTest('slices-paper')], findings: [finding('chip', 40, depthMm)] },
    knownApexUm: null,
    keenRadiusUm: null,
    sessions: [],
    bench: benchWith([stone(45), stone(9), strop(1), pebble]),
    ownLadder: NO_WISHES,
  })!;
  return { ...edge, ...change };
};

describe('damage that takes too long here', () => {
  it('is left, and the plan says where and with what it would go', () => {
    const away = chipped('felling-axe', 0.4, {
      where: 'field',
      abrasives: [pebble],
      owned: [pebble, file, stone(9)],
    });
    const { way, left } = triage(away);
    expect(way).toBe('leave it');
    expect(left).toMatchObject({ name: 'mill file', atHome: true, depthMm: 0.4 });
    expect(left!.minutes).toBeLessThan(10);
    expect(planTouchUp(away).leftDamage).toEqual(left);
    const atHome = triage({ ...away, where: 'bench', abrasives: away.owned });
    expect(atHome).toMatchObject({ way: 'narrow band', left: null });
  });

  it('gives way to the next lighter way first: the band where the whole face takes hours', () => {
    const scandi = chipped('scandi-knife', 0.2);
    expect(workingFace(scandi.tool, scandi.zone).zeroGround).toBe(true);
    expect(triage(scandi).way).toBe('narrow band');
    expect(triage(chipped('scandi-knife', 1)).way).toBe('leave it');
  });

  it('never stands over its limit as what a plan does by itself', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TOOL_KINDS),
        fc.double({ min: 0.02, max: 2, noNaN: true }),
        fc.constantFrom<EdgeJob['where']>('bench', 'field'),
        fc.subarray<LadderAbrasive>([file, stone(45), stone(9), pebble, strop(1)], {
          minLength: 1,
        }),
        (kind, depthMm, where, abrasives) => {
          const job = chipped(kind, depthMm, { where, abrasives, owned: abrasives });
          const plan = planTouchUp(job);
          const without = planTouchUp({ ...job, damageWay: 'leave it' });
          const limit = where === 'bench' ? PRIORS.benchMinutes.value : PRIORS.awayMinutes.value;
          expect(plan.minutes - without.minutes).toBeLessThanOrEqual(limit + 1);
        },
      ),
      { numRuns: 120 },
    );
  });

  it('is mended all the same where the person says so', () => {
    for (const damageWay of DAMAGE_WAYS)
      expect(triage(chipped('scandi-knife', 1, { damageWay }))).toEqual({
        way: damageWay,
        left: null,
      });
  });

  it('a band over most of a bevel is a new angle, so the whole face comes first', () => {
    const knife = chipped('flat-knife', 0.12);
    expect(triage(knife).way).toBe('whole face');
  });
});
