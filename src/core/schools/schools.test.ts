import { microBevelCost, schoolCosts, type SchoolNote } from '.';
import { SCHOOL_QUESTIONS, SCHOOLS, type SchoolQuestion } from '../../domain/schools';
import { usualHand } from '../../testing/bench';
import { toolOf } from '../../testing/ladderFixtures';
import { sample } from '../../testing/sample';
import type { ToolKind } from '../../domain/kinds';

const costs = (question: SchoolQuestion, kind: ToolKind = 'flat-knife') => {
  const tool = toolOf(kind);
  return schoolCosts(question, { tool, zone: tool.zones[0]!, shelf: sample, hand: usualHand });
};
const noteOf = (question: SchoolQuestion, answer: string, kind?: ToolKind): SchoolNote =>
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

  it('a polished finish ends finer and takes longer, a toothy one is quicker', () => {
    const by = Object.fromEntries(
      costs('finish', 'scandi-knife').map((c) => [c.answer, c.touchUp!]),
    );
    expect(by.polished!.apexRadiusUm).toBeLessThan(by['by task']!.apexRadiusUm);
    expect(by.polished!.minutes).toBeGreaterThan(by['by task']!.minutes);
    expect(by.toothy!.minutes).toBeLessThanOrEqual(by['by task']!.minutes);
  });

  it('a strop at the end costs minutes, and leaves the edge keener', () => {
    const by = Object.fromEntries(
      costs('stropAtEnd', 'felling-axe').map((c) => [c.answer, c.touchUp!]),
    );
    expect(by.always!.minutes).toBeGreaterThan(by['by tool']!.minutes);
    expect(by.always!.apexRadiusUm).toBeLessThan(by['by tool']!.apexRadiusUm);
    expect(by['only when needed']).toEqual(by['by tool']);
  });

  it('a bevel that drifts thickens, one that is reground takes minutes and steel', () => {
    const flat = noteOf('drift', 'regrind flat', 'scandi-knife');
    expect(flat).toMatchObject({ kind: 'ground flat', price: { minutes: expect.any(Number) } });
    const drifts = noteOf('drift', 'let it drift', 'scandi-knife');
    if (drifts.kind !== 'drifts') throw new Error(drifts.kind);
    expect(drifts.driftedMm).toBeGreaterThan(drifts.flatMm);
    expect(noteOf('drift', 'let it drift')).toEqual({ kind: 'no drift' });
  });

  it('a lifted handle rises by millimetres, a flat wrist misses by degrees', () => {
    expect(noteOf('tip', 'lift the handle', 'skinning-knife').kind).toBe('handle lifted');
    expect(noteOf('tip', 'keep the wrist flat', 'skinning-knife').kind).toBe('wrist flat');
  });

  it('minutes alone say less than strokes', () => {
    const factor = (answer: string) => {
      const note = noteOf('counting', answer);
      return note.kind === 'range after' ? note.factor : NaN;
    };
    expect(factor('by feel')).toBeGreaterThan(factor('count strokes'));
  });

  it('thinning each time takes the growth back; unscratched faces stay thick', () => {
    expect(noteOf('profile', 'thin at every touch-up').kind).toBe('thinned each time');
    expect(noteOf('scratches', 'unscratched').kind).toBe('left to thicken');
  });
});
