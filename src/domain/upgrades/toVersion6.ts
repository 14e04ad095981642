/**
 * From version 5 to 6: a test says how many strokes it came after, and a step keeps its looks at the
 * ink, its walks along the burr and why it was left out. Until then none of that was noted.
 */

import { recordWith, someObjects } from './olderShapes';

type Loose = Record<string, unknown>;

const observation = recordWith({ tests: someObjects() });

export const VERSION_5 = {
  session: recordWith({
    before: observation,
    after: observation,
    steps: someObjects().test('tests', '${path} must hold its tests', (steps) =>
      (steps ?? []).every(({ tests }) => Array.isArray(tests)),
    ),
  }),
  inspection: recordWith({ seen: observation }),
};

export function sessionToVersion6(session: Loose): Loose {
  return {
    ...session,
    before: withStrokes(session.before as Loose),
    after: withStrokes(session.after as Loose),
    steps: (session.steps as Loose[]).map((step) => ({
      ...withStrokes(step),
      inkChecks: [],
      burrWalks: [],
      skipped: null,
    })),
  };
}

export function inspectionToVersion6(inspection: Loose): Loose {
  return { ...inspection, seen: withStrokes(inspection.seen as Loose) };
}

/** Whatever holds tests, with each of them saying that its strokes are not known. */
function withStrokes(holder: Loose): Loose {
  return {
    ...holder,
    tests: (holder.tests as Loose[]).map((test) => ({ ...test, strokes: null })),
  };
}
