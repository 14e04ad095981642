import fc from 'fast-check';
import {
  paperFoldAngle,
  stoneTilt,
  touchUpsUntilThinning,
  angleFromSpineLift,
  bevelAngleFromFaceWidth,
  bevelAngleFromHeight,
  bevelGrowth,
  coinStack,
  convexArc,
  dishAngleError,
  facetSchedule,
  flatAngle,
  microbevel,
  puckRearLift,
  spineLift,
  steelBudget,
  thicknessBehindEdge,
  wedgeHeight,
} from '.';

const blade = { bladeWidthMm: 28, spineThicknessMm: 3.5 };
const anyBlade = fc.record({
  bladeWidthMm: fc.double({ min: 15, max: 60, noNaN: true }),
  spineThicknessMm: fc.double({ min: 0.8, max: 5, noNaN: true }),
});
const angle = fc.double({ min: 10, max: 60, noNaN: true });
const scale = fc.double({ min: 0.2, max: 5, noNaN: true });

describe('bevel angle', () => {
  it('comes from the face width or the height', () => {
    expect(bevelAngleFromFaceWidth({ thicknessMm: 3, faceWidthMm: 7 })).toBeCloseTo(12.37, 2);
    expect(bevelAngleFromFaceWidth({ thicknessMm: 0.6, faceWidthMm: 0.9 })).toBeCloseTo(19.47, 2);
    expect(bevelAngleFromHeight({ thicknessMm: 3, heightMm: 7 })).toBeCloseTo(12.09, 2);
  });

  it('does not depend on the unit of length', () => {
    fc.assert(
      fc.property(scale, (k) => {
        const mm = bevelAngleFromFaceWidth({ thicknessMm: 3, faceWidthMm: 7 });
        const other = bevelAngleFromFaceWidth({ thicknessMm: 3 * k, faceWidthMm: 7 * k });
        expect(other).toBeCloseTo(mm, 9);
      }),
    );
  });

  it.each([
    [{ thicknessMm: -1, faceWidthMm: 7 }, 'thicknessMm'],
    [{ thicknessMm: 3, faceWidthMm: 0 }, 'faceWidthMm'],
    [{ thicknessMm: 3, faceWidthMm: 1.5 }, 'faceWidthMm must be more than half of thicknessMm'],
    [{ thicknessMm: NaN, faceWidthMm: 7 }, 'thicknessMm'],
  ])('refuses %j by name', (input, message) => {
    expect(() => bevelAngleFromFaceWidth(input)).toThrow(RangeError);
    expect(() => bevelAngleFromFaceWidth(input)).toThrow(message);
  });
});

describe('spine lift', () => {
  it('is the gap under the near corner of the spine', () => {
    expect(spineLift({ ...blade, angleDeg: 15 })).toBeCloseTo(5.557, 3);
  });

  it('and its inverse give each other back', () => {
    fc.assert(
      fc.property(anyBlade, angle, (b, angleDeg) => {
        const liftMm = spineLift({ ...b, angleDeg });
        expect(angleFromSpineLift({ ...b, liftMm })).toBeCloseTo(angleDeg, 6);
      }),
    );
  });

  it('grows with the angle and with the unit of length', () => {
    fc.assert(
      fc.property(anyBlade, angle, scale, (b, angleDeg, k) => {
        fc.pre(angleDeg < 59);
        const liftMm = spineLift({ ...b, angleDeg });
        expect(spineLift({ ...b, angleDeg: angleDeg + 1 })).toBeGreaterThan(liftMm);
        const scaled = {
          bladeWidthMm: k * b.bladeWidthMm,
          spineThicknessMm: k * b.spineThicknessMm,
        };
        expect(spineLift({ ...scaled, angleDeg })).toBeCloseTo(k * liftMm, 6);
      }),
    );
  });

  it('refuses lifts off the blade and angles below flat', () => {
    expect(() => angleFromSpineLift({ ...blade, liftMm: -0.1 })).toThrow('liftMm');
    expect(() => angleFromSpineLift({ ...blade, liftMm: 28.1 })).toThrow('liftMm');
    expect(() => spineLift({ ...blade, angleDeg: 61 })).toThrow('angleDeg');
    expect(() => spineLift({ bladeWidthMm: 10, spineThicknessMm: 6, angleDeg: 8 })).toThrow(
      'angleDeg must be from 16.699',
    );
    expect(flatAngle({ bladeWidthMm: 10, spineThicknessMm: 6 })).toBeCloseTo(16.699, 3);
  });
});

describe('coin stack', () => {
  it('names the nearest stack and its neighbours', () => {
    const stack = coinStack({ ...blade, angleDeg: 15, coinThicknessMm: 2.33 });
    expect(stack.coins).toBe(2);
    expect(stack.angleDeg).toBeCloseTo(13.14, 2);
    expect(stack.errorDeg).toBeCloseTo(-1.86, 2);
    expect(stack.more?.angleDeg).toBeCloseTo(18.0, 2);
    expect(stack.fewer?.coins).toBe(1);
  });

  it('is never beaten by another stack', () => {
    fc.assert(
      fc.property(anyBlade, angle, fc.double({ min: 1, max: 3, noNaN: true }), (b, a, coin) => {
        const stack = coinStack({ ...b, angleDeg: a, coinThicknessMm: coin });
        for (const other of [stack.fewer, stack.more]) {
          if (other) {
            expect(Math.abs(stack.errorDeg)).toBeLessThanOrEqual(Math.abs(other.errorDeg) + 1e-9);
          }
        }
      }),
    );
  });

  it('has no neighbour off the blade', () => {
    const thick = coinStack({ ...blade, angleDeg: 40, coinThicknessMm: 20 });
    expect(thick.coins).toBe(1);
    expect(thick.more).toBeNull();
    expect(coinStack({ ...blade, angleDeg: 5, coinThicknessMm: 5 }).fewer).toBeNull();
  });
});

it('tilts a stone over a clamped tool by apex less cheek', () => {
  expect(stoneTilt({ angleDeg: 25, cheekAngleDeg: 8 })).toBe(17);
  const lift = puckRearLift({ apexToRearRimMm: 60, angleDeg: 25, cheekAngleDeg: 8 });
  expect(lift).toBeCloseTo(17.54, 2);
  expect(() => stoneTilt({ angleDeg: 25, cheekAngleDeg: 25 })).toThrow('cheekAngleDeg');
});

it('folds paper and cuts wedges', () => {
  expect([0, 1, 2, 3].map((folds) => paperFoldAngle({ folds }))).toEqual([90, 45, 22.5, 11.25]);
  expect(() => paperFoldAngle({ folds: 1.5 })).toThrow('folds');
  expect(wedgeHeight({ baseMm: 100, angleDeg: 20, primaryAngleDeg: 3 })).toBeCloseTo(30.57, 2);
});

describe('convex arc', () => {
  const input = { thicknessMm: 6, cheekAngleDeg: 8, apexAngleDeg: 25 };

  it('has its radius and height', () => {
    const arc = convexArc(input);
    expect(arc.radiusMm).toBeCloseTo(35.73, 2);
    expect(arc.heightMm).toBeCloseTo(10.13, 2);
  });

  it('is covered by its facets, steepest first', () => {
    const facets = facetSchedule({
      ...input,
      facets: 4,
      bladeWidthMm: 160,
      spineThicknessMm: 28,
    });
    const width = facets.reduce((sum, f) => sum + f.faceWidthMm, 0);
    expect(width).toBeCloseTo(convexArc(input).faceWidthMm, 9);
    expect(facets[0]!.angleDeg).toBeCloseTo(25 - 17 / 8, 9);
    expect(facets.at(-1)!.spineLiftMm).toBeGreaterThan(0);
  });

  it('refuses a cheek as steep as the apex', () => {
    expect(() => convexArc({ ...input, cheekAngleDeg: 25 })).toThrow('cheekAngleDeg');
  });
});

describe('micro-bevel and thickness behind the edge', () => {
  it('recesses the apex a little', () => {
    const micro = microbevel({ bevelAngleDeg: 12, microAngleDeg: 15, faceWidthMm: 0.3 });
    expect(micro.recessionMm).toBeCloseTo(0.0755, 4);
    expect(micro.areaPerSideMm2).toBeCloseTo(0.00293, 5);
    expect(() => microbevel({ bevelAngleDeg: 15, microAngleDeg: 15, faceWidthMm: 0.3 })).toThrow(
      'microAngleDeg must be more than bevelAngleDeg',
    );
  });

  it('thickens the edge behind the apex', () => {
    expect(thicknessBehindEdge({ bevelAngleDeg: 12, distanceMm: 0.25 })).toBeCloseTo(0.106, 3);
    const micro = { bevelAngleDeg: 12, microAngleDeg: 15, microFaceWidthMm: 0.3 };
    expect(thicknessBehindEdge({ ...micro, distanceMm: 0.25 })).toBeCloseTo(0.134, 3);
  });

  it('never thins going back, never passes the stock', () => {
    const section = {
      bevelAngleDeg: 20,
      primaryAngleDeg: 3,
      bevelFaceWidthMm: 0.9,
      stockThicknessMm: 3,
    };
    fc.assert(
      fc.property(fc.double({ min: 0, max: 100, noNaN: true }), (distanceMm) => {
        const here = thicknessBehindEdge({ ...section, distanceMm });
        const behind = thicknessBehindEdge({ ...section, distanceMm: distanceMm + 0.1 });
        expect(behind).toBeGreaterThanOrEqual(here);
        expect(behind).toBeLessThanOrEqual(3);
      }),
    );
  });
});

describe('bevel growth', () => {
  const taper = { primaryAngleDeg: 3, bevelAngleDeg: 20, faceWidthMm: 0.6 };

  it('widens the bevel with recession', () => {
    const grown = bevelGrowth({ ...taper, recessionMm: 0.5 });
    expect(grown.faceWidthMm).toBeCloseTo(0.69, 3);
    expect(grown.shoulderThicknessMm).toBeCloseTo(0.472, 3);
    const micro = { primaryAngleDeg: 12, bevelAngleDeg: 15, faceWidthMm: 0.3 };
    expect(bevelGrowth({ ...micro, recessionMm: 1 }).faceWidthMm - 0.3).toBeCloseTo(3.97, 2);
  });

  it('counts the touch-ups left until thinning', () => {
    const limits = { faceWidthLimitMm: 0.8, recessionPerTouchUpMm: 0.01 };
    const left = touchUpsUntilThinning({ ...taper, ...limits });
    const after = (n: number) => bevelGrowth({ ...taper, recessionMm: n * 0.01 }).faceWidthMm;
    expect(after(left)).toBeLessThanOrEqual(0.8);
    expect(after(left + 1)).toBeGreaterThan(0.8);
    expect(touchUpsUntilThinning({ ...taper, ...limits, primaryAngleDeg: 0 })).toBe(Infinity);
    expect(touchUpsUntilThinning({ ...taper, ...limits, faceWidthMm: 0.9 })).toBe(0);
  });
});

it('turns a hollow into an angle error', () => {
  expect(dishAngleError({ sagMm: 0.5, lengthMm: 150 })).toBeCloseTo(0.76, 2);
  expect(dishAngleError({ sagMm: 6, lengthMm: 300 })).toBeCloseTo(4.57, 2);
});

it('budgets the steel that is left', () => {
  const budget = steelBudget({
    depthMm: 24,
    reserveMm: 18,
    recessionPerTouchUpMm: 0.02,
    touchUpsPerYear: 30,
  });
  expect(budget).toEqual({ leftMm: 6, touchUps: 300, years: 10 });
  expect(() =>
    steelBudget({ depthMm: -1, reserveMm: 1, recessionPerTouchUpMm: 1, touchUpsPerYear: 1 }),
  ).toThrow('depthMm');
});
