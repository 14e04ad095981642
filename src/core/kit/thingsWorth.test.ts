import { workingFace } from '../ladder';
import { UNTAUGHT_HAND } from '../evidence';
import { DEFAULT_PACE } from '../wear';
import { stone, strop, toolOf } from '../../testing/ladderFixtures';
import type { LadderAbrasive } from '../ladder';
import { candidateWorth, thingsWorth, type RackRound } from '.';

const knife = toolOf('flat-knife');
const axe = toolOf('hatchet');

/** Edges of a knife and a hatchet that tear paper, with these things at hand. */
function round(abrasives: LadderAbrasive[]): RackRound {
  return {
    needs: [knife, axe].map((tool) => ({
      id: tool.id,
      name: tool.name,
      face: workingFace(tool, tool.zones[0]!),
      condition: { apexRadiusUm: 4, damageDepthMm: 0 },
      target: { apexRadiusUm: 1, finishSizeUm: 30 },
    })),
    items: abrasives.map(({ id, name }) => ({ id, name, massG: 50 })),
    abrasives: abrasives.map((abrasive) => ({
      abrasive,
      needsAll: [abrasive.id],
      needsOneOf: null,
    })),
    hand: { pace: DEFAULT_PACE, learned: UNTAUGHT_HAND },
  };
}

const worthOf = (problem: RackRound, id: string) =>
  thingsWorth(problem).find((worth) => worth.id === id)!;

describe('what a thing adds', () => {
  it('is the finish where nothing else reaches it, and no minutes', () => {
    const worth = worthOf(round([stone(25)]), 'stone-25');
    expect(worth.onlyFor).toEqual(['flat-knife', 'hatchet']);
    expect(worth.savesMinutes).toBe(0);
  });

  it('is minutes where a slower one does as well, and nothing where another is as good', () => {
    const slower = stone(12, { family: 'novaculite' });
    const quick = worthOf(round([stone(25), slower]), 'stone-25');
    expect(quick.savesMinutes).toBeGreaterThan(1);
    expect(quick.onlyFor).toEqual([]);
    expect(worthOf(round([stone(25), slower]), slower.id).usedFor).toEqual([]);
    const twin = { ...stone(25), id: 'twin' };
    const twins = thingsWorth(round([stone(25), twin]));
    twins.forEach(({ savesMinutes }) => expect(Math.abs(savesMinutes)).toBeLessThan(1e-9));
  });

  it('of a strop is a keener edge, and what it takes', () => {
    const worth = worthOf(round([stone(25), strop(1)]), 'strop-1');
    expect(worth.keenerOn.map(({ edge }) => edge)).toContain('flat-knife');
    expect(worth.savesMinutes).toBeLessThan(0);
  });

  it('is told of a stone that is not bought yet as if it were at hand', () => {
    const slow = stone(12, { family: 'novaculite' });
    const candidate = candidateWorth(round([slow]), stone(25));
    const owned = worthOf(round([slow, stone(25)]), 'stone-25');
    expect(candidate).toEqual(owned);
    expect(
      candidateWorth(round([stone(25)]), stone(25, { id: 'file', form: 'file', family: 'file' })),
    ).toMatchObject({ savesMinutes: 0, onlyFor: [] });
  });

  it('tells how far it is', () => {
    const shares: number[] = [];
    thingsWorth(round([stone(25)]), (share) => shares.push(share));
    expect(shares).toEqual([0.5, 1]);
  });
});
