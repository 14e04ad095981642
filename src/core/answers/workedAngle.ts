import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';

/** The angle (° per side) at which the last stone of a session was held; null where none was, or nobody said. */
export function workedAngle({ steps, written }: LoggedSession): number | null {
  if (written === 'afterwards') return null;
  return steps.findLast((step) => step.kind === 'stone' && isWorked(step))?.angleDeg ?? null;
}
