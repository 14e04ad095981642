import fc from 'fast-check';
import { SCHOOL_QUESTIONS, SCHOOLS, type Schools } from '../domain/schools';
import { finding, passedTest } from '../domain/observation';
import { CARBIDES, FINDING_KINDS, GRINDS, SHARPNESS_TESTS, SPINE_USES } from '../domain/terms';
import type { Tool } from '../domain/tool';
import { toolOf } from './ladderFixtures';
import { TOOL_KINDS } from '../domain/kinds';

/** Arbitrary tools, keepers and looks, for properties that hold whatever a person owns and sees. */

const anySchools = fc.record(
  Object.fromEntries(
    SCHOOL_QUESTIONS.map((question) => [question, fc.constantFrom(...SCHOOLS[question])]),
  ),
) as unknown as fc.Arbitrary<Schools>;

/** A tool of any kind with one zone of any grind, micro-bevelled or not, of any steel and keeper. */
export const anyTool: fc.Arbitrary<Tool> = fc
  .record({
    kind: fc.constantFrom(...TOOL_KINDS),
    grind: fc.constantFrom(...GRINDS),
    spine: fc.constantFrom(...SPINE_USES),
    carbide: fc.constantFrom(...CARBIDES, 'unknown' as const),
    hardnessHrc: fc.integer({ min: 45, max: 64 }),
    micro: fc.boolean(),
    faceLimitMm: fc.option(fc.double({ min: 0.2, max: 4, noNaN: true })),
    schools: anySchools,
  })
  .map(({ kind, grind, spine, carbide, hardnessHrc, micro, faceLimitMm, schools }) => {
    const typical = toolOf(kind, schools);
    const [zone] = typical.zones;
    const steel = { hardnessLowHrc: hardnessHrc, hardnessHighHrc: hardnessHrc + 2, carbide };
    return {
      ...typical,
      spine: { use: spine, raisingsLeft: 2, startMm: null, endMm: null },
      steel: { ...typical.steel, ...steel },
      zones: [
        {
          ...zone!,
          grind,
          hollowRadiusMm: grind === 'hollow' ? 100 : null,
          microBevel: micro ? { angleDeg: zone!.bevelAngleDeg + 3, faceWidthMm: 0.3 } : null,
          faceLimitMm,
        },
      ],
    };
  });

/** A tool whose measures lie anywhere that records allow, thin foil and thick wedge alike. */
export const anyMeasuredTool: fc.Arbitrary<Tool> = fc
  .record({
    kind: fc.constantFrom(...TOOL_KINDS),
    grind: fc.constantFrom(...GRINDS),
    bevelAngleDeg: fc.double({ min: 5, max: 60, noNaN: true }),
    primaryShare: fc.double({ min: 0, max: 0.98, noNaN: true }),
    shoulderThicknessMm: fc.double({ min: 0.1, max: 30, noNaN: true }),
    microShare: fc.option(fc.double({ min: 0.01, max: 1, noNaN: true })),
    microFaceMm: fc.double({ min: 0.02, max: 10, noNaN: true }),
    bladeWidthMm: fc.double({ min: 5, max: 200, noNaN: true }),
    spineThicknessMm: fc.double({ min: 0.5, max: 40, noNaN: true }),
    reserveMm: fc.double({ min: 0, max: 200, noNaN: true }),
    noImpacts: fc.boolean(),
  })
  .map((blade) => {
    const typical = toolOf(blade.kind);
    const { bevelAngleDeg, shoulderThicknessMm, grind, noImpacts } = blade;
    const microDeg = bevelAngleDeg + (blade.microShare ?? 0) * (60 - bevelAngleDeg);
    const micro = blade.microShare !== null && microDeg > bevelAngleDeg;
    return {
      ...typical,
      bladeWidthMm: blade.bladeWidthMm,
      spineThicknessMm: blade.spineThicknessMm,
      reserveMm: blade.reserveMm,
      zones: [
        {
          ...typical.zones[0]!,
          grind,
          bevelAngleDeg,
          primaryAngleDeg: Math.min(45, blade.primaryShare * bevelAngleDeg),
          shoulderThicknessMm,
          microBevel: micro ? { angleDeg: microDeg, faceWidthMm: blade.microFaceMm } : null,
          hollowRadiusMm: grind === 'hollow' ? 100 : null,
          noImpacts,
        },
      ],
    };
  });

const anyTest = fc.constantFrom(...SHARPNESS_TESTS).map((test) => passedTest(test));

const anyFinding = fc
  .tuple(
    fc.constantFrom(...FINDING_KINDS),
    fc.double({ min: 0, max: 1.5, noNaN: true }),
    fc.boolean(),
  )
  .map(([kind, depthMm, leftOnPurpose]) => finding(kind, 20, depthMm, { leftOnPurpose }));

/** Tests and findings of one look; perhaps none. */
export const anyLook = fc.record({
  tests: fc.array(anyTest, { maxLength: 3 }),
  findings: fc.array(anyFinding, { maxLength: 3 }),
});

/** A look with a test in it. */
export const anyTestedLook = fc.record({
  tests: fc.array(anyTest, { minLength: 1, maxLength: 3 }),
  findings: fc.array(anyFinding, { maxLength: 3 }),
});
