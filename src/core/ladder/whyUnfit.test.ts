import { shelfAbrasives, whyUnfit, findLadder } from '.';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';
import { TOOL_KINDS } from '../../domain/kinds';

const file = stone(100, { family: 'file', form: 'file', lengthMm: 200, lubricant: 'dry' });

describe('what fits an edge', () => {
  it.each([
    ['recurve-hook', stone(14), 'flat stone on a hollow edge'],
    ['recurve-hook', stone(14, { form: 'rod' }), undefined],
    ['recurve-hook', strop(1, { backing: 'hard' }), 'hard strop on a hollow edge'],
    ['felling-axe', stone(14, { form: 'bench-stone' }), undefined],
    ['recurve-hook', strop(1), 'hard strop on a hollow edge'],
    ['recurve-hook', strop(1, { form: 'belt', backing: 'slack' }), undefined],
    ['felling-axe', file, undefined],
    ['flat-knife', file, 'file on a knife'],
    ['machete', stone(14, { lengthMm: 30 }), 'too short'],
    ['scandi-knife', stone(14, { lubricant: null }), 'no lubricant'],
  ] as const)('%s', (kind, abrasive, reason) => {
    expect(whyUnfit(abrasive, faceOf(kind))?.kind).toBe(reason);
  });

  it('water is had anywhere, oil has to be on the shelf', () => {
    const pebble = sample.abrasives.find(({ id }) => id === 'pebble')!;
    const kinds = (change: Partial<typeof pebble>, lubricants: typeof sample.lubricants) => {
      const shelf = {
        abrasives: [{ ...pebble, ...change }],
        strops: [],
        compounds: [],
        lubricants,
      };
      return shelfAbrasives(shelf).map(({ abrasive, needsOneOf }) => ({
        lubricant: abrasive.kind === 'stone' ? abrasive.lubricant : null,
        needsOneOf,
      }));
    };
    const oil = sample.lubricants.filter(({ kind }) => kind === 'oil');
    expect(kinds({ lubricants: ['water'] }, [])).toEqual([
      { lubricant: 'water', needsOneOf: null },
    ]);
    expect(kinds({ lubricants: ['water', 'oil'] }, oil)).toEqual([
      { lubricant: 'oil', needsOneOf: null },
    ]);
    expect(kinds({ lubricants: ['oil'] }, [])).toEqual([{ lubricant: null, needsOneOf: [] }]);
    expect(kinds({ lubricants: ['oil'] }, oil)).toEqual([
      { lubricant: 'oil', needsOneOf: oil.map(({ id }) => id) },
    ]);
  });

  it('plans every kind of tool with a fitting set', () => {
    const abrasives = [
      stone(100, { form: 'file', family: 'file' }),
      stone(45, { form: 'rod' }),
      stone(9, { form: 'rod', id: 'fine' }),
      strop(1, { backing: 'soft' }),
    ];
    for (const kind of TOOL_KINDS) {
      const plan = findLadder({
        zone: faceOf(kind),
        condition: { apexRadiusUm: 9, damageDepthMm: 0.1 },
        target: { apexRadiusUm: 0.9 },
        abrasives,
      });
      expect(plan.outcome).toBe('planned');
    }
  });
});
