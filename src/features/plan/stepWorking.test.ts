import { findLadder, type Ladder } from '../../core/ladder';
import { PRIORS } from '../../core/priors';
import { DEFAULT_PACE } from '../../core/wear';
import { faceOf, stone, strop } from '../../testing/ladderFixtures';
import { stepWorking } from './stepWorking';
import { TOOL_KINDS } from '../../domain/kinds';

const abrasives = [
  stone(100, { id: 'file', name: 'mill file', family: 'file', form: 'file' }),
  stone(45, { id: 'coarse' }),
  stone(30, { id: 'rod', form: 'rod', widthMm: 8 }),
  stone(9, { id: 'fine' }),
  strop(1),
];

const planned = (zone: ReturnType<typeof faceOf>, damageDepthMm: number): Ladder =>
  findLadder({
    zone,
    abrasives,
    pace: DEFAULT_PACE,
    condition: { apexRadiusUm: 9, damageDepthMm, damageStretch: null },
    target: { apexRadiusUm: 2, finishSizeUm: 20 },
  });

/** The first number in some words. */
const numberIn = (words: string): number => Number(words.match(/[\d.]+(e[-+]\d+)?/)![0]);

describe('the working of a step', () => {
  it.each(TOOL_KINDS)('of a %s leads by its own figures to the strokes of its plan', (kind) => {
    const face = faceOf(kind);
    const steps = [0, 0.2].flatMap((depthMm) => planned(face, depthMm).steps);
    expect(steps.length).toBeGreaterThan(0);
    for (const step of steps.filter(({ volumeMm3 }) => volumeMm3 > 0)) {
      const lines = stepWorking(step, face);
      const of = (what: string) => lines.find((line) => line.what === what)!;
      const steelMm3 = numberIn(of('Steel to remove').answer);
      const rate = numberIn(of('Wear rate').answer);
      const [newtons, mm] = of('Strokes')
        .formula.match(/× ([\d.]+) N × ([\d.]+) mm/)!
        .slice(1)
        .map(Number);
      const each = steelMm3 / (rate * newtons! * (mm! / 1000)) / 2;
      const strokes = numberIn(of('Strokes').answer);
      expect(strokes).toBe(step.strokesPerSide);
      // Every figure is shown with two digits.
      expect(each).toBeGreaterThan(0.85 * strokes - 1);
      expect(each).toBeLessThan(1.15 * strokes + 1);
    }
  });

  it('says of a strop that its strokes are counted', () => {
    const face = faceOf('scandi-knife');
    const last = planned(face, 0).steps.at(-1)!;
    expect(last.abrasive.kind).toBe('strop');
    const [, strokes] = [...stepWorking(last, face)];
    expect(strokes!.formula).toMatch(/burr’s decay/);
    expect(numberIn(strokes!.formula)).toBe(PRIORS.closingDecays.value);
    expect(strokes!.answer).toBe(`${last.strokesPerSide} a side`);
  });
});
