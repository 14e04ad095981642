import { DEFAULT_PACE, microBevelCost, schoolCosts } from '..';
import { SCHOOL_QUESTIONS, SCHOOLS, type SchoolQuestion } from '../../domain/schools';
import type { ToolKind } from '../../domain/terms';
import { toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';

const costs = (question: SchoolQuestion, kind: ToolKind = 'flat-knife') => {
  const tool = toolOf(kind);
  return schoolCosts(question, { tool, zone: tool.zones[0]!, shelf: sample, pace: DEFAULT_PACE });
};
const noteOf = (question: SchoolQuestion, answer: string, kind?: ToolKind): string =>
  costs(question, kind).find((cost) => cost.answer === answer)!.note!;

it('a micro-bevel costs edge, steel and bite: the worked example', () => {
  const tool = toolOf('scandi-knife');
  const zone = {
    ...tool.zones[0]!,
    bevelAngleDeg: 12,
    microBevel: { angleDeg: 15, faceWidthMm: 0.3 },
  };
  const cost = microBevelCost(tool, zone);
  expect(cost.recessionMm).toBeCloseTo(0.0755, 4);
  expect(cost.steelMm3).toBeCloseTo(2 * (zone.endMm - zone.startMm) * 0.00293, 2);
  expect(cost.thicknessMm.without).toBeCloseTo(0.106, 3);
  expect(cost.thicknessMm.with).toBeCloseTo(0.134, 3);
  expect(cost.wideningPerMm).toBeCloseTo(3.97, 2);
  expect(cost.strokesPerSide).toBeGreaterThan(50);
  const offered = microBevelCost(tool, { ...zone, microBevel: null });
  expect(offered).toEqual(cost);
});

describe('what a school costs', () => {
  it.each(SCHOOL_QUESTIONS)('%s: every answer has its price, in numbers', (question) => {
    const found = costs(question);
    expect(found.map(({ answer }) => answer)).toEqual([...SCHOOLS[question]]);
    for (const { touchUp, note } of found) {
      expect(touchUp ?? note).not.toBeNull();
      if (touchUp) expect(touchUp.minutes).toBeGreaterThan(0);
    }
  });

  it('light pressure takes more strokes for the same steel', () => {
    const [firm, light] = costs('pressure', 'felling-axe');
    expect(light!.touchUp!.strokesPerSide).toBeGreaterThan(firm!.touchUp!.strokesPerSide);
  });

  it('a polished finish goes to half of what the work asks for, and takes longer', () => {
    const by = Object.fromEntries(costs('finish', 'machete').map((c) => [c.answer, c.touchUp!]));
    const { targetApexUm } = toolOf('machete').zones[0]!;
    expect(by.polished!.apexRadiusUm).toBeLessThanOrEqual(0.5 * targetApexUm);
    expect(by.polished!.minutes).toBeGreaterThan(by['by task']!.minutes);
  });

  it('a bevel that drifts thickens, one that is reground takes minutes and steel', () => {
    expect(noteOf('drift', 'regrind flat', 'scandi-knife')).toMatch(/\d+ min and \d+ mm³ of steel/);
    expect(noteOf('drift', 'let it drift', 'scandi-knife')).toMatch(/[\d.]+° steeper per side/);
    expect(noteOf('drift', 'let it drift')).toMatch(/^No difference here/);
  });

  it('a lifted handle rises by millimetres, a flat wrist misses by degrees', () => {
    expect(noteOf('tip', 'lift the handle', 'skinning-knife')).toMatch(/rises about \d+ mm/);
    expect(noteOf('tip', 'keep the wrist flat', 'skinning-knife')).toMatch(/[\d.]+° flatter/);
  });

  it('minutes alone say less than strokes', () => {
    const times = (answer: string) =>
      Number(/range of ([\d.]+) times/.exec(noteOf('counting', answer))![1]);
    expect(times('by feel')).toBeGreaterThan(times('count strokes'));
  });

  it('thinning each time takes the growth back; unscratched faces stay thick', () => {
    expect(noteOf('profile', 'thin at every touch-up')).toMatch(/takes back the [\d.]+ µm/);
    expect(noteOf('scratches', 'unscratched')).toMatch(/[\d.]+ mm thick at the shoulder/);
  });
});
