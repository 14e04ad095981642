/** @jest-environment node */
import fc from 'fast-check';
import polygonClipping from 'polygon-clipping';
import { median } from 'd3-array';
import type { HandHold } from '../../domain/experiment';
import { Draws } from '../random';
import { geometricRadiusUm, groundRadiusUm } from './sharpening';
import { roundedSection } from './edgeSection';
import { grindSection } from './grindSection';
import { handStroke, turnsOf } from './hand';
import { sectionArea, type Section, type SectionStroke } from './section';
import { sectionReport } from './sectionReport';
import { studyHold, type HoldStudy, type Quantiles } from './studyHold';

/** A flat bevel from a stock, rounded to a radius: 12° on 3 mm is a wide scandi. */
function bevel(angleDeg: number, stockMm: number, radiusUm: number): Section {
  const depthMm = stockMm / 2 / Math.tan((angleDeg * Math.PI) / 180);
  return roundedSection(
    [
      { depthMm: 0, halfMm: 0 },
      { depthMm, halfMm: stockMm / 2 },
      { depthMm: depthMm + 3, halfMm: stockMm / 2 },
    ],
    radiusUm / 1000,
  );
}

/** A bevel on the left face alone; the right one is flat. */
function oneSided(angleDeg: number, stockMm: number): Section {
  const depthMm = stockMm / Math.tan((angleDeg * Math.PI) / 180);
  return {
    points: [
      { xMm: depthMm + 3, yMm: stockMm },
      { xMm: depthMm, yMm: stockMm },
      { xMm: 0, yMm: 0 },
      { xMm: depthMm + 3, yMm: 0 },
    ],
  };
}

const SCANDI = bevel(12, 3, 4);
const AREA_MM2 = 2.6e-5;
const STEADY: HandHold = { angleDeg: 12, wobbleDeg: 0, leftSteeperDeg: 0, backSteeperDeg: 0 };

function strokesBy(hold: HandHold, strokes: number, stream = 1): SectionStroke[] {
  const draws = new Draws(stream);
  return turnsOf('alternate', strokes / 2).map((turn) => ({
    ...handStroke(hold, turn, 0.1, draws),
    areaMm2: AREA_MM2,
  }));
}

const ground = (hold: HandHold, strokes: number, section = SCANDI) =>
  grindSection({ section, strokes: strokesBy(hold, strokes) });

const study = (hold: Partial<HandHold>, of: Partial<HoldStudy> = {}) =>
  studyHold({
    section: SCANDI,
    areaMm2: AREA_MM2,
    strokesPerSide: 80,
    hold: { ...STEADY, ...hold },
    order: 'alternate',
    finishUm: 0.86,
    startUm: 4,
    runs: 500,
    seed: 11,
    ...of,
  });

describe('a section under a stone', () => {
  const anyStrokes = fc.array(
    fc.record({
      angleDeg: fc.double({ min: 3, max: 50, noNaN: true }),
      side: fc.constantFrom('left' as const, 'right' as const),
      areaMm2: fc.double({ min: 1e-8, max: 1e-3, noNaN: true }),
    }),
    { minLength: 1, maxLength: 120 },
  );
  const anySection = fc
    .record({
      angleDeg: fc.double({ min: 8, max: 35, noNaN: true }),
      stockMm: fc.double({ min: 0.5, max: 5, noNaN: true }),
      radiusUm: fc.double({ min: 0.2, max: 15, noNaN: true }),
    })
    .chain((made) =>
      fc.constantFrom(
        bevel(made.angleDeg, made.stockMm, made.radiusUm),
        // Ground on one side alone: the other face lies flat from the spine to the edge.
        oneSided(made.angleDeg, made.stockMm),
      ),
    );

  it('loses just the area of its strokes, and stays convex', () => {
    fc.assert(
      fc.property(anySection, anyStrokes, (section, strokes) => {
        const { section: after, removedMm2 } = grindSection({ section, strokes });
        const asked = strokes.reduce((sum, { areaMm2 }) => sum + areaMm2, 0);
        expect(removedMm2).toBeCloseTo(asked, 12);
        expect(Math.abs(sectionArea(section) - sectionArea(after) - asked)).toBeLessThan(1e-9);
        expect(worstTurn(after)).toBeGreaterThan(-1e-12);
        // Both ends at the spine stay where they were.
        expect(after.points[0]).toEqual(section.points[0]);
        expect(after.points.at(-1)).toEqual(section.points.at(-1));
      }),
      { numRuns: 300 },
    );
  });

  it('is cut as an independent clipper of polygons cuts it', () => {
    fc.assert(
      fc.property(anySection, anyStrokes, (section, strokes) => {
        let before = section;
        for (const stroke of strokes.slice(0, 12)) {
          const after = grindSection({ section: before, strokes: [stroke] }).section;
          expect(Math.abs(sectionArea(after) - clippedArea(before, after, stroke))).toBeLessThan(
            1e-9,
          );
          before = after;
        }
      }),
      { numRuns: 60 },
    );
  });

  it('keeps a one-sided edge at its angle: strokes on the bevel, and a light one that takes the burr off the flat', () => {
    const strokes = Array.from({ length: 400 }, (_, i): SectionStroke =>
      i % 20 === 19
        ? { angleDeg: 0.2, side: 'right', areaMm2: 1e-7 }
        : { angleDeg: 25, side: 'left', areaMm2: AREA_MM2 },
    );
    const { section, apexReachedAt } = grindSection({ section: oneSided(25, 3), strokes });
    expect(apexReachedAt).toBe(1);
    // One flat face, and one that rises by the tangent of its angle.
    expect(sectionReport({ section }).thicknessMm.at1).toBeCloseTo(
      Math.tan((25 * Math.PI) / 180),
      2,
    );
  });

  it('refuses a stroke that would lie on the face behind the bevel', () => {
    const flat = { angleDeg: 0, side: 'left', areaMm2: 1e-4 } as const;
    expect(() => grindSection({ section: SCANDI, strokes: [flat] })).toThrow('angleDeg');
    expect(() =>
      grindSection({ section: SCANDI, strokes: [{ ...flat, angleDeg: 12, areaMm2: 0 }] }),
    ).toThrow('areaMm2');
  });
});

describe('what a hand does', () => {
  it('a steady hand at the bevel gives just that angle, once the apex is reached', () => {
    const { section, apexReachedAt } = ground(STEADY, 4000);
    expect(apexReachedAt).toBeGreaterThan(400);
    expect(sectionReport({ section }).edgeInclusiveDeg).toBeCloseTo(24, 6);
    expect(sectionReport({ section }).apexWidthUm).toBeCloseTo(6 * Math.tan(Math.PI / 15), 3);
  });

  it('held 2° low it polishes the shoulder for hundreds of strokes; 2° high it is there within some ten', () => {
    const low = ground({ ...STEADY, angleDeg: 10 }, 400);
    expect(low.apexReachedAt).toBeNull();
    expect(sectionReport({ section: low.section }).apexWidthUm).toBeCloseTo(
      sectionReport({ section: SCANDI }).apexWidthUm,
      9,
    );
    const high = ground({ ...STEADY, angleDeg: 14 }, 160);
    expect(high.apexReachedAt).toBeLessThan(20);
    expect(sectionReport({ section: high.section }).edgeInclusiveDeg).toBeCloseTo(28, 6);
  });

  it('any wobble makes the apex steeper than the bevel, more with more strokes, less on a narrow face', () => {
    const at150 = study({ wobbleDeg: 2 }, { strokesPerSide: 75 }).edgeInclusiveDeg.p50 - 24;
    expect(at150).toBeGreaterThan(5.5);
    expect(at150).toBeLessThan(8);
    expect(
      study({ wobbleDeg: 2 }, { strokesPerSide: 200 }).edgeInclusiveDeg.p50 - 24,
    ).toBeGreaterThan(at150);
    expect(study({ wobbleDeg: 0.5 }).edgeInclusiveDeg.p50).toBeGreaterThan(24.5);
    const narrow = study({ wobbleDeg: 2 }, { section: bevel(12, 0.16, 4), strokesPerSide: 75 });
    expect(narrow.edgeInclusiveDeg.p50 - 24).toBeLessThan(at150);
  });

  it('once the apex is reached, low ends keener than high for the same wobble', () => {
    const low = study({ angleDeg: 10.5, wobbleDeg: 1.6 }, { strokesPerSide: 150 });
    const high = study({ angleDeg: 13.5, wobbleDeg: 1.6 }, { strokesPerSide: 150 });
    expect(low.reachedShare).toBeGreaterThan(0.99);
    expect(low.grams.p50).toBeLessThan(high.grams.p50);
    expect(low.edgeInclusiveDeg.p84).toBeLessThan(high.edgeInclusiveDeg.p16);
  });

  it('on a wide bevel a steady hand reaches a round apex later', () => {
    const far = { strokesPerSide: 200, runs: 2000 };
    const steady = study({ wobbleDeg: 0.5 }, far).apexReachedAt!;
    const loose = study({ wobbleDeg: 1.6 }, far).apexReachedAt!;
    const near = ({ p16, p50, p84 }: Quantiles, expected: readonly number[]): void =>
      [p16, p50, p84].forEach((value, i) =>
        expect(Math.abs(value / expected[i]! - 1)).toBeLessThan(0.08),
      );
    near(steady, [61, 78, 95]);
    near(loose, [16, 24, 34]);
    expect(study({}, { ...far, runs: 1 })).toMatchObject({ apexReachedAt: null, reachedShare: 0 });
  });

  it('a hand that is steeper on the left moves the apex to the right, and the same seed gives the same', () => {
    const { section } = ground({ ...STEADY, angleDeg: 14, leftSteeperDeg: 4 }, 200);
    const tip = section.points.reduce((a, b) => (b.xMm < a.xMm ? b : a));
    expect(tip.yMm).toBeLessThan(0);
    expect(study({ wobbleDeg: 1.6 })).toEqual(study({ wobbleDeg: 1.6 }));
    expect(study({ wobbleDeg: 1.6 }, { seed: 12 })).not.toEqual(study({ wobbleDeg: 1.6 }));
  });

  it('one side first ends as the sides in turn do, within its scatter', () => {
    const order = 'one-side-first' as const;
    const [turn, first] = [study({ wobbleDeg: 1.6 }), study({ wobbleDeg: 1.6 }, { order })];
    expect(first.edgeInclusiveDeg.p50).toBeGreaterThan(turn.edgeInclusiveDeg.p16 - 2);
    expect(first.edgeInclusiveDeg.p50).toBeLessThan(turn.edgeInclusiveDeg.p84 + 2);
  });
});

describe('the radius at an apex', () => {
  it('is that of the arc, whatever its size', () => {
    for (const radiusUm of [0.5, 2, 4, 8, 15]) {
      const { apexWidthUm } = sectionReport({ section: bevel(12, 3, radiusUm) });
      expect(geometricRadiusUm({ apexWidthUm, apexAngleDeg: 12 })).toBeCloseTo(radiusUm, 0);
    }
  });

  it('keeps what was there until the stone touches, and is never rounder than before', () => {
    const at = { geometricUm: 2, beforeUm: 4, finishUm: 0.8 };
    expect(groundRadiusUm({ ...at, isReached: false })).toBe(4);
    expect(groundRadiusUm({ ...at, isReached: true })).toBeCloseTo(2.8);
    expect(groundRadiusUm({ ...at, geometricUm: 3.9, isReached: true })).toBe(4);
    expect(groundRadiusUm({ ...at, beforeUm: 0.3, isReached: true })).toBe(0.8);
  });
});

/** The least turn of an outline (mm²): above zero all along where it is convex. */
function worstTurn({ points }: Section): number {
  return Math.min(
    ...points.slice(2).map((c, i) => {
      const [a, b] = [points[i]!, points[i + 1]!];
      return (b.xMm - a.xMm) * (c.yMm - b.yMm) - (b.yMm - a.yMm) * (c.xMm - b.xMm);
    }),
  );
}

/** Area that is left of an outline behind the plane of a stroke, by another hand. */
function clippedArea(before: Section, after: Section, { angleDeg, side }: SectionStroke): number {
  const sign = side === 'left' ? 1 : -1;
  const turn = (angleDeg * Math.PI) / 180;
  const [sin, cos] = [Math.sin(turn), sign * Math.cos(turn)];
  const height = Math.max(...after.points.map(({ xMm, yMm }) => cos * yMm - sin * xMm));
  // A large square behind the plane.
  const [runX, runY] = [Math.cos(turn), sign * Math.sin(turn)];
  const at = (along: number, down: number): [number, number] => [
    runX * along - sin * (height - down),
    runY * along + cos * (height - down),
  ];
  const square = [at(-60, 0), at(60, 0), at(60, 60), at(-60, 60)];
  const outline = before.points.map(({ xMm, yMm }): [number, number] => [xMm, yMm]);
  const left = polygonClipping.intersection([outline], [square]);
  return sectionArea({ points: left[0]![0]!.slice(0, -1).map(([xMm, yMm]) => ({ xMm, yMm })) });
}

it('medians do not hang on one seed', () => {
  const medians = [1, 2, 3, 4, 5].map(
    (seed) => study({ wobbleDeg: 1.6 }, { seed, runs: 800 }).edgeInclusiveDeg.p50,
  );
  const middle = median(medians)!;
  for (const one of medians) expect(Math.abs(one - middle)).toBeLessThan(0.15);
});
