import fc from 'fast-check';
import { SCHOOL_QUESTIONS, SCHOOLS, type Schools } from '../domain/schools';
import { finding, passes } from '../domain/session';
import {
  CARBIDES,
  FINDING_KINDS,
  GRINDS,
  SHARPNESS_TESTS,
  SPINE_USES,
  TOOL_KINDS,
} from '../domain/terms';
import type { Tool } from '../domain/tool';
import { toolOf } from './ladderFixtures';

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
      spine: { use: spine, raisingsLeft: 2 },
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

const anyTest = fc.constantFrom(...SHARPNESS_TESTS).map((test) => passes(test));

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
