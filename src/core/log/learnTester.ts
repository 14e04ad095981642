import type { LoggedSession } from '../../domain/loggedSession';
import type { Inspection, Observation } from '../../domain/session';
import {
  byUsualTester,
  fitTester,
  TEST_CENTRE_UM,
  type GramsPair,
  type TesterScale,
} from '../sharpness';

/** What the log tells of the person's own force tester. */
export interface TesterLearned {
  pairs: GramsPair[];
  /** Null until ten pairs stand. */
  scale: TesterScale | null;
}

/** So many pairs have to stand before the usual tester is left. */
export const FEWEST_PAIRS = 10;

interface Log {
  sessions: readonly LoggedSession[];
  inspections: readonly Inspection[];
}

/** Pairs of grams and tests in a log, and the tester that fits them from ten pairs on. */
export function learnTester({ sessions, inspections }: Log): TesterLearned {
  const pairs = [
    ...sessions.flatMap(({ before, after }) => [...pairsOf(before), ...pairsOf(after)]),
    ...inspections.flatMap(({ seen }) => pairsOf(seen)),
  ];
  return { pairs, scale: pairs.length < FEWEST_PAIRS ? null : fitTester(pairs) };
}

function pairsOf({ tests }: Observation): GramsPair[] {
  return tests.flatMap(({ test, place }): GramsPair[] => {
    const read = tests.find((each) => each.grams !== null && each.place === place);
    return test === null || !read ? [] : [{ apexUm: TEST_CENTRE_UM[test], grams: read.grams! }];
  });
}

/** A log with all its grams as the usual tester would read them. */
export function logByUsualTester<L extends Log>(log: L, scale: TesterScale | null): L {
  if (!scale) return log;
  return {
    ...log,
    sessions: log.sessions.map((session) => {
      const [before, after] = [session.before, session.after].map((seen) =>
        byUsualTester(seen, scale),
      );
      return before === session.before && after === session.after
        ? session
        : { ...session, before, after };
    }),
    inspections: log.inspections.map((look) => {
      const seen = byUsualTester(look.seen, scale);
      return seen === look.seen ? look : { ...look, seen };
    }),
  };
}
