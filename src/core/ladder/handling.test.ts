import { type LadderStone, findLadder, whyUnfit } from '.';
import type { AbrasiveForm } from '../../domain/terms';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';
import type { ToolKind } from '../../domain/kinds';

/** The first step of a worn edge with one stone and a strop at hand. */
function firstStep(kind: ToolKind, form: AbrasiveForm, damageDepthMm = 0, change = {}) {
  const family: LadderStone['family'] = form === 'file' ? 'file' : 'diamond';
  return findLadder({
    zone: { ...faceOf(kind), ...change },
    condition: { apexRadiusUm: 9, damageDepthMm },
    target: { apexRadiusUm: 3 },
    abrasives: [stone(45, { form, family }), strop(1, { backing: 'soft' })],
  }).steps[0]!;
}

describe('how the hand moves', () => {
  it.each([
    ['scandi-knife', 'plate', 0, 'sweeps', 'edge leading'],
    ['scandi-knife', 'plate', 0.2, 'back-and-forth', 'both ways'],
    ['scandi-knife', 'paper', 0, 'sweeps', 'edge trailing'],
    ['felling-axe', 'puck', 0, 'circles', 'both ways'],
    ['felling-axe', 'file', 0.3, 'sweeps', 'edge leading'],
    ['tomahawk', 'pocket-stone', 0, 'circles', 'both ways'],
    ['machete', 'rod', 0, 'back-and-forth', 'both ways'],
    ['recurve-hook', 'rod', 0, 'sweeps', 'edge leading'],
  ] as const)('%s on a %s with %d mm of damage', (kind, form, depthMm, motion, direction) => {
    expect(firstStep(kind, form, depthMm)).toMatchObject({ motion, direction });
  });

  it('long edges are worked in sections, with the same strokes in each', () => {
    const step = firstStep('machete', 'rod', 0, { edgeLengthMm: 350 });
    expect(step.sections).toBe(3);
    expect(step.strokesPerSide % step.sections).toBe(0);
    expect(firstStep('scandi-knife', 'plate').sections).toBe(1);
  });

  it('a hollow stone and a wide face are warned of', () => {
    const hollow = findLadder({
      zone: faceOf('flat-knife'),
      condition: { apexRadiusUm: 9, damageDepthMm: 0 },
      target: { apexRadiusUm: 5 },
      abrasives: [stone(45, { dishMm: 0.5 })],
    });
    const [note] = hollow.steps[0]!.notes;
    expect(note).toMatchObject({ kind: 'hollow stone' });
    const wide = firstStep('scandi-knife', 'plate', 0.4);
    expect(wide.notes.map(({ kind }) => kind)).toContain('bench job');
  });

  it('a strop that sags comes up steeper: it rounds the apex sooner, and says by how much', () => {
    const stropped = (sagMm: number) =>
      findLadder({
        zone: faceOf('flat-knife'),
        condition: { apexRadiusUm: 0.9, damageDepthMm: 0, keenRadiusUm: 0.3 },
        target: { apexRadiusUm: 0.6 },
        abrasives: [strop(1, { lengthMm: 300, sagMm })],
      });
    const [taut, slack] = [stropped(0), stropped(6)];
    expect(slack.steps[0]!.notes).toMatchObject([{ kind: 'sagging strop' }]);
    expect(taut.steps[0]!.notes).toEqual([]);
    expect(slack.apexRadiusUm).toBeGreaterThan(taut.apexRadiusUm);
  });

  it('a stone takes the water that it soaks up and a splash, and none with oil', () => {
    const water = (change: Partial<LadderStone>) =>
      findLadder({
        zone: faceOf('flat-knife'),
        condition: { apexRadiusUm: 4, damageDepthMm: 0 },
        target: { apexRadiusUm: 1 },
        abrasives: [stone(12, change)],
      }).steps[0]!.waterMl;
    expect(water({ soakMl: 80 })).toBe(83);
    expect(water({ soakMl: 0 })).toBe(3);
    expect(water({ soakMl: 80, lubricant: 'oil' })).toBe(0);
  });

  it('a curved block and a narrow stone lie in a hollow edge, a pull-through never works', () => {
    const hook = faceOf('recurve-hook');
    expect(whyUnfit(strop(1, { backing: 'hard' }), hook)?.kind).toBe('hard strop on a hollow edge');
    expect(whyUnfit(strop(1, { backing: 'hard', form: 'curved-block' }), hook)).toBeNull();
    expect(whyUnfit(stone(25), hook)?.kind).toBe('flat stone on a hollow edge');
    expect(whyUnfit(stone(25, { widthMm: 8 }), hook)).toBeNull();
    const cutter = stone(200, { family: 'carbide-cutter', form: 'pull-through' });
    expect(whyUnfit(cutter, faceOf('flat-knife'))?.kind).toBe('scrapes');
  });

  it('minutes are those of the strokes shown, with the changeover', () => {
    const step = firstStep('scandi-knife', 'plate');
    expect(step.minutes).toBeCloseTo((2 * step.strokesPerSide) / 45 + 0.5, 9);
  });
});
