import { findLadder, NO_WISHES } from '.';
import { stepHold } from '../hold';
import { faceOf, stone, toolOf } from '../../testing/ladderFixtures';

const face = faceOf('scandi-knife');

/** The notes of a ladder that the person walks just so. */
function notesOf(things: ReturnType<typeof stone>[]): string[] {
  const { steps } = findLadder({
    zone: face,
    condition: { apexRadiusUm: 6, damageDepthMm: 0 },
    target: { apexRadiusUm: 0.8, finishSizeUm: 12 },
    abrasives: things,
    ownLadder: { ...NO_WISHES, sequence: things.map(({ id }) => id) },
  });
  return steps.flatMap(({ notes }) => notes.map(({ kind }) => kind));
}

describe('what is said of the way from one stone to the next', () => {
  it('is oil after water, a hop that is too wide, and one that hardly is one, each once', () => {
    const wet = stone(30, { lubricant: 'water' });
    const oily = stone(10, { lubricant: 'oil' });
    expect(notesOf([wet, oily]).filter((kind) => kind === 'wipe between')).toHaveLength(1);
    expect(notesOf([wet, stone(10)])).not.toContain('wipe between');
    expect(notesOf([stone(90), stone(9)]).filter((kind) => kind === 'long jump')).toHaveLength(1);
    expect(notesOf([stone(12), stone(10)]).filter((kind) => kind === 'short jump')).toHaveLength(1);
  });
});

it('a whole arc is smoothed from its edge down to the cheek and back, and nothing else is rocked so', () => {
  const tool = toolOf('felling-axe');
  const held = { tool, zone: tool.zones[0]!, coinThicknessMm: 2.33 };
  const step = {
    kind: 'stone' as const,
    angleDeg: 22,
    stretch: null,
    facet: null,
    held: 'braced' as const,
    reachMm: 75,
    plannedPerSide: 60,
  };
  const arc = stepHold({ ...step, task: 'smooth the arc' }, held)!;
  expect(arc.rockedToDeg).toBe(held.zone.primaryAngleDeg);
  expect(stepHold({ ...step, task: 'restore the apex' }, held)!.rockedToDeg).toBeNull();
});
