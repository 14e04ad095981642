import { planLadder } from '..';
import { type LadderStone } from '.';
import type { AbrasiveForm, ToolKind } from '../../domain/terms';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';

/** The first step of a worn edge with one stone and a strop at hand. */
function firstStep(kind: ToolKind, form: AbrasiveForm, damageDepthMm = 0, change = {}) {
  const family: LadderStone['family'] = form === 'file' ? 'file' : 'diamond';
  return planLadder({
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
    const hollow = planLadder({
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

  it('minutes are those of the strokes shown, with the changeover', () => {
    const step = firstStep('scandi-knife', 'plate');
    expect(step.minutes).toBeCloseTo((2 * step.strokesPerSide) / 45 + 0.5, 9);
  });
});
