import { equivalentGrades } from './abrasive';
import {
  touchUpsUntilThinning,
  bevelAngleFromHeight,
  bevelGrowth,
  coinStack,
  convexArc,
  dishAngleError,
  facetSchedule,
  microbevel,
  puckRearLift,
  steelBudget,
  thickening,
  thicknessBehindEdge,
  wedgeHeight,
} from './edge';
import {
  finishRadiusUm,
  sizeForFinishUm,
  stropRates,
  apexFromGrams,
  gramsFromApex,
} from './sharpness';
import {
  contactPressure,
  damageVolumeMm3,
  defaultForceN,
  faceVolumeMm3,
  roundingShiftMm,
  scratchShiftMm,
  forceInWords,
  specificWearRate,
  strokesFor,
  workedBand,
} from './wear';

/** Every computation with good input, and one field at a time made bad: refused by that name. */

type Input = Record<string, unknown>;
interface Case {
  compute: (input: never) => unknown;
  good: Input;
  bad: Record<string, readonly number[]>;
}

const NOT_POSITIVE = [0, -1, NaN, Infinity];
const NEGATIVE = [-0.1, NaN];
const NO_EDGE_ANGLE = [4.9, 60.1, NaN];
/** Steel behind an edge is held flatter than edges are. */
const NO_HOLD_ANGLE = [0, 60.1, NaN];

const CASES: Record<string, Case> = {
  bevelAngleFromHeight: {
    compute: bevelAngleFromHeight,
    good: { thicknessMm: 3, heightMm: 7 },
    bad: { thicknessMm: NOT_POSITIVE, heightMm: NOT_POSITIVE },
  },
  coinStack: {
    compute: coinStack,
    good: { bladeWidthMm: 28, spineThicknessMm: 3.5, angleDeg: 15, coinThicknessMm: 2.33 },
    bad: {
      bladeWidthMm: NOT_POSITIVE,
      spineThicknessMm: NOT_POSITIVE,
      angleDeg: NO_HOLD_ANGLE,
      coinThicknessMm: NOT_POSITIVE,
    },
  },
  puckRearLift: {
    compute: puckRearLift,
    good: { apexToRearRimMm: 70, angleDeg: 25, cheekAngleDeg: 8 },
    bad: {
      apexToRearRimMm: NOT_POSITIVE,
      angleDeg: NO_HOLD_ANGLE,
      cheekAngleDeg: [-1, 25, 40, NaN],
    },
  },
  wedgeHeight: {
    compute: wedgeHeight,
    good: { baseMm: 80, angleDeg: 15, primaryAngleDeg: 2 },
    bad: { baseMm: NOT_POSITIVE, angleDeg: NO_HOLD_ANGLE },
  },
  convexArc: {
    compute: convexArc,
    good: { thicknessMm: 6, cheekAngleDeg: 8, apexAngleDeg: 25 },
    bad: {
      thicknessMm: NOT_POSITIVE,
      cheekAngleDeg: [-1, 25, NaN],
      apexAngleDeg: NO_EDGE_ANGLE,
    },
  },
  facetSchedule: {
    compute: facetSchedule,
    good: {
      thicknessMm: 6,
      cheekAngleDeg: 8,
      apexAngleDeg: 25,
      facets: 4,
      bladeWidthMm: 160,
      spineThicknessMm: 28,
    },
    bad: { facets: [0, 13, NaN], bladeWidthMm: NOT_POSITIVE, thicknessMm: NOT_POSITIVE },
  },
  microbevel: {
    compute: microbevel,
    good: { bevelAngleDeg: 12, microAngleDeg: 15, faceWidthMm: 0.3 },
    bad: {
      bevelAngleDeg: NO_EDGE_ANGLE,
      microAngleDeg: [12, 11, 61, NaN],
      faceWidthMm: NOT_POSITIVE,
    },
  },
  thicknessBehindEdge: {
    compute: thicknessBehindEdge,
    good: {
      bevelAngleDeg: 20,
      bevelFaceWidthMm: 0.9,
      primaryAngleDeg: 3,
      stockThicknessMm: 3,
      distanceMm: 2,
    },
    bad: {
      bevelAngleDeg: NO_EDGE_ANGLE,
      bevelFaceWidthMm: NOT_POSITIVE,
      primaryAngleDeg: [-1, 20, NaN],
      stockThicknessMm: NOT_POSITIVE,
      distanceMm: NEGATIVE,
    },
  },
  bevelGrowth: {
    compute: bevelGrowth,
    good: { primaryAngleDeg: 3, bevelAngleDeg: 20, faceWidthMm: 0.6, recessionMm: 0.5 },
    bad: {
      primaryAngleDeg: [-1, 20, NaN],
      bevelAngleDeg: NO_EDGE_ANGLE,
      faceWidthMm: NOT_POSITIVE,
      recessionMm: NEGATIVE,
    },
  },
  touchUpsUntilThinning: {
    compute: touchUpsUntilThinning,
    good: {
      primaryAngleDeg: 3,
      bevelAngleDeg: 20,
      faceWidthMm: 0.6,
      faceWidthLimitMm: 1,
      recessionPerTouchUpMm: 0.01,
    },
    bad: { faceWidthLimitMm: NOT_POSITIVE, recessionPerTouchUpMm: NOT_POSITIVE },
  },
  thickening: {
    compute: thickening,
    good: {
      angleDeg: 20,
      behindAngleDeg: 3,
      faceWidthMm: 0.6,
      faceLimitMm: 1,
      recessionMm: 0.01,
      pastRecessionsMm: [],
    },
    bad: { recessionMm: NOT_POSITIVE, faceWidthMm: [-1, NaN] },
  },
  dishAngleError: {
    compute: dishAngleError,
    good: { sagMm: 0.5, lengthMm: 150 },
    bad: { sagMm: NEGATIVE, lengthMm: NOT_POSITIVE },
  },
  steelBudget: {
    compute: steelBudget,
    good: { depthMm: 24, reserveMm: 18, recessionPerTouchUpMm: 0.02, touchUpsPerYear: 30 },
    bad: {
      depthMm: NEGATIVE,
      reserveMm: NEGATIVE,
      recessionPerTouchUpMm: NEGATIVE,
      touchUpsPerYear: NEGATIVE,
    },
  },
  equivalentGrades: {
    compute: equivalentGrades,
    good: { sizeUm: 16 },
    bad: { sizeUm: [0, 2001, -1, NaN] },
  },
  specificWearRate: {
    compute: specificWearRate,
    good: { abrasive: 'diamond', sizeUm: 25, hardnessHrc: 58, carbide: 'low' },
    bad: { sizeUm: NOT_POSITIVE, hardnessHrc: [29, 69, NaN] },
  },
  defaultForceN: {
    compute: defaultForceN,
    good: {
      abrasive: 'diamond',
      sizeUm: 25,
      toolForm: 'knife',
      held: 'laid down',
      heavy: false,
    },
    bad: { sizeUm: NOT_POSITIVE },
  },
  forceInWords: { compute: forceInWords, good: { forceN: 4 }, bad: { forceN: NOT_POSITIVE } },
  contactPressure: {
    compute: contactPressure,
    good: { forceN: 8, faceWidthMm: 1, contactLengthMm: 25 },
    bad: { forceN: NOT_POSITIVE, faceWidthMm: NOT_POSITIVE, contactLengthMm: NOT_POSITIVE },
  },
  roundingShiftMm: {
    compute: roundingShiftMm,
    good: { apexRadiusUm: 2, angleDeg: 15 },
    bad: { apexRadiusUm: NEGATIVE, angleDeg: NO_EDGE_ANGLE },
  },
  scratchShiftMm: { compute: scratchShiftMm, good: { sizeUm: 25 }, bad: { sizeUm: NEGATIVE } },
  faceVolumeMm3: {
    compute: faceVolumeMm3,
    good: { edgeLengthMm: 95, faceWidthMm: 0.3, shiftMm: 0.002 },
    bad: { edgeLengthMm: NOT_POSITIVE, faceWidthMm: NOT_POSITIVE, shiftMm: NEGATIVE },
  },
  damageVolumeMm3: {
    compute: damageVolumeMm3,
    good: {
      edgeLengthMm: 95,
      faceWidthMm: 0.3,
      angleDeg: 15,
      behindAngleDeg: 12,
      depthMm: 0.15,
    },
    bad: {
      edgeLengthMm: NOT_POSITIVE,
      faceWidthMm: NOT_POSITIVE,
      angleDeg: NO_EDGE_ANGLE,
      behindAngleDeg: [-1, 15, NaN],
      depthMm: NEGATIVE,
    },
  },
  workedBand: {
    compute: workedBand,
    good: { shiftMm: 0.002, holdAboveDeg: 1.5, faceWidthMm: 0.9, arcRadiusMm: null },
    bad: {
      shiftMm: NEGATIVE,
      holdAboveDeg: [0, 11, NaN],
      faceWidthMm: NOT_POSITIVE,
      arcRadiusMm: NOT_POSITIVE,
    },
  },
  sizeForFinishUm: {
    compute: sizeForFinishUm,
    good: { apexRadiusUm: 0.9 },
    bad: { apexRadiusUm: NOT_POSITIVE },
  },
  strokesFor: {
    compute: strokesFor,
    good: { volumeMm3: 0.2, wearRate: 0.003, forceN: 8, strokeLengthMm: 95 },
    bad: {
      volumeMm3: NEGATIVE,
      wearRate: NOT_POSITIVE,
      forceN: NOT_POSITIVE,
      strokeLengthMm: NOT_POSITIVE,
    },
  },
  finishRadiusUm: {
    compute: finishRadiusUm,
    good: { sizeUm: 9, burr: 'deburred' },
    bad: { sizeUm: NOT_POSITIVE },
  },
  gramsFromApex: {
    compute: gramsFromApex,
    good: { apexRadiusUm: 1 },
    bad: { apexRadiusUm: NOT_POSITIVE },
  },
  apexFromGrams: { compute: apexFromGrams, good: { grams: 160 }, bad: { grams: NOT_POSITIVE } },
  stropRates: {
    compute: stropRates,
    good: { forceN: 4, backing: 'hard', hardnessHrc: 58, stainless: false },
    bad: { forceN: NOT_POSITIVE },
  },
};

const rows = Object.entries(CASES).flatMap(([name, { bad }]) =>
  Object.entries(bad).flatMap(([field, values]) => values.map((value) => [name, field, value])),
) as [string, string, number][];

describe.each(Object.keys(CASES))('%s', (name) => {
  it('answers good input', () => {
    const { compute, good } = CASES[name]!;
    expect(() => compute(good as never)).not.toThrow();
  });

  it.each(rows.filter(([of]) => of === name))('%s refuses %s = %d by name', (_, field, value) => {
    const { compute, good } = CASES[name]!;
    const attempt = (): unknown => compute({ ...good, [field]: value } as never);
    expect(attempt).toThrow(RangeError);
    expect(attempt).toThrow(field);
  });
});
