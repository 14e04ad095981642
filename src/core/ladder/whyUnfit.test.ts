import { planLadder } from '..';
import { whyUnfit } from '.';
import { TOOL_KINDS } from '../../domain/terms';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';

const file = stone(100, { family: 'file', form: 'file', lengthMm: 200, lubricant: 'dry' });

describe('what fits an edge', () => {
  it.each([
    ['recurve-hook', stone(14), 'flat stone on a hollow edge'],
    ['recurve-hook', stone(14, { form: 'rod' }), undefined],
    ['recurve-hook', strop(1, { backing: 'hard' }), 'hard strop on a hollow edge'],
    ['felling-axe', stone(14, { form: 'bench-stone' }), 'bench stone'],
    ['felling-axe', file, undefined],
    ['flat-knife', file, 'file on a knife'],
    ['machete', stone(14, { lengthMm: 30 }), 'too short'],
    ['scandi-knife', stone(14, { lubricant: null }), 'no lubricant'],
  ] as const)('%s', (kind, abrasive, reason) => {
    expect(whyUnfit(abrasive, faceOf(kind))?.kind).toBe(reason);
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
