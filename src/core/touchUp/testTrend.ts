import type { EdgeTest, Session } from '../../domain/session';
import { estimateApex, testReading, type ApexEstimate } from '../sharpness';

/** What the newest test says beside the one before it. */
export interface TestTrend {
  /** Readings at one place after the same strokes count together. */
  newest: ApexEstimate;
  /** A difference within the spread of both is no change; null where there is nothing to compare with. */
  change: 'better' | 'same' | 'worse' | null;
}

/** How tests of this session go on, at the place that was tested last; null before the first one. */
export function testTrend({ before, steps, stepIndex }: Session): TestTrend | null {
  const rounds = [before.tests, ...steps.slice(0, stepIndex + 1).map(({ tests }) => tests)];
  const latest = rounds.at(-1)!.at(-1) ?? rounds.flat().at(-1);
  if (!latest) return null;
  const groups = rounds.flatMap((tests) => byCount(tests.filter(isLike(latest))));
  const [earlier, newest] = groups.slice(-2).map((tests) => ({
    tests,
    estimate: estimateApex({ tests: tests.map(testReading) }),
  })) as [Group, Group | undefined];
  if (!newest) return { newest: earlier.estimate, change: null };
  return { newest: newest.estimate, change: changeOf(earlier, newest) };
}

interface Group {
  tests: EdgeTest[];
  estimate: ApexEstimate;
}

/** Tests of paper are steps of their own; readings in grams have to differ by more than they scatter. */
function changeOf(earlier: Group, newest: Group): TestTrend['change'] {
  const difference = Math.log(newest.estimate.apexRadiusUm / earlier.estimate.apexRadiusUm);
  const inGrams = [...earlier.tests, ...newest.tests].some(({ test }) => test === null);
  const spread = inGrams ? Math.hypot(earlier.estimate.sdLn, newest.estimate.sdLn) : 0;
  if (Math.abs(difference) <= spread) return 'same';
  return difference < 0 ? 'better' : 'worse';
}

function isLike(latest: EdgeTest) {
  return ({ place }: EdgeTest): boolean => place === latest.place || place === 'whole';
}

/** Tests in runs of the same count. */
function byCount(tests: readonly EdgeTest[]): EdgeTest[][] {
  const groups: EdgeTest[][] = [];
  for (const test of tests) {
    const last = groups.at(-1);
    const joins = last && last[0]!.strokes === test.strokes && test.strokes !== null;
    if (joins) last.push(test);
    else groups.push([test]);
  }
  return groups;
}
