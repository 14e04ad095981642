import type { EdgeTest, Finding, SessionStep, ToolChecks } from './session';

/** Whether anything was done at a step: strokes counted, or time worked by feel. */
export function isWorked({
  left,
  right,
  activeSeconds,
}: Pick<SessionStep, 'left' | 'right' | 'activeSeconds'>): boolean {
  return left + right > 0 || activeSeconds > 0;
}

/** A reading of the finest test that an edge passes, over its whole length. */
export function passedTest(test: EdgeTest['test'], place: EdgeTest['place'] = 'whole'): EdgeTest {
  return { test, grams: null, place, shaves: null, strokes: null };
}

/** A reading of the force tester, at a place or as it stands for the whole edge. */
export function readGrams(grams: number, place: EdgeTest['place'] = 'whole'): EdgeTest {
  return { test: null, grams, place, shaves: null, strokes: null };
}

/** A finding of normal work that goes through the whole bevel. */
export function finding(
  kind: Finding['kind'],
  atMm: number,
  depthMm: number,
  change: Partial<Finding> = {},
): Finding {
  return {
    kind,
    atMm,
    depthMm,
    side: null,
    band: null,
    cause: 'work',
    leftOnPurpose: false,
    ...change,
  };
}

/** The whole tool, not looked at. */
export const NO_CHECKS: ToolChecks = {
  head: null,
  handle: null,
  blade: null,
  straightness: null,
  temper: null,
};
