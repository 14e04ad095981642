/** From version 9 to 10: a step keeps how far its stone reaches behind the edge. Of older steps nobody noted it. */

import { recordWith, someObjects } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_9 = { session: recordWith({ steps: someObjects() }) };

export function sessionToVersion10(session: Loose): Loose {
  const steps = (session.steps as Loose[]).map((step) => ({ ...step, reachMm: null }));
  return { ...session, steps };
}
