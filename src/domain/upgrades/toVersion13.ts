/**
 * From version 12 to 13: a look says whether the edge was looked along for damage; every older one was meant so.
 * There are tools of which nobody has said more than that it is an axe, or a knife.
 */

import { recordWith } from './olderShapes';

type Loose = Record<string, unknown>;

export const VERSION_12 = { inspection: recordWith({}) };

export function inspectionToVersion13(inspection: Loose): Loose {
  return { ...inspection, lookedAlong: true };
}
