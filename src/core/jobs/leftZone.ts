import { isWorked } from '../../domain/observation';
import type { Session } from '../../domain/session';
import type { StepTask } from '../../domain/terms';
import type { Zone } from '../../domain/tool';

/** Steps that leave a facet, or less of one, and no other measure. */
const FACET_TASKS: readonly StepTask[] = ['grind out damage', 'blend the facet'];

/** What the steps that were worked have made of a zone, and whether that is its facet alone. */
export interface LeftZone {
  zone: Zone;
  facetOnly: boolean;
}

/** What a session leaves of a zone; null where its measures stay: what was skipped grinds nothing. */
export function leftZone({ steps }: Pick<Session, 'steps'>): LeftZone | null {
  const last = steps.findLast((step) => step.zoneAfter !== null && isWorked(step));
  return last ? { zone: last.zoneAfter!, facetOnly: FACET_TASKS.includes(last.task) } : null;
}
