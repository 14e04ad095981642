import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';

/** The angle (° per side) at which the last stone of a session was held; null where none was, or nobody said. */
export function workedAngle({ steps, written }: LoggedSession): number | null {
  if (written === 'afterwards') return null;
  return steps.findLast((step) => step.kind === 'stone' && isWorked(step))?.angleDeg ?? null;
}

/** Angles closer than this are one: a hand does not tell them apart. */
export const SAME_ANGLE_DEG = 0.75;

/** When an edge was last worked at another angle than before; null where it always was at one. Oldest first. */
export function angleChangedAt(work: readonly LoggedSession[]): string | null {
  let present: number | null = null;
  let changedAt: string | null = null;
  for (const session of work) {
    const angleDeg = workedAngle(session);
    if (angleDeg === null) continue;
    if (present !== null && Math.abs(angleDeg - present) >= SAME_ANGLE_DEG)
      changedAt = session.startedAt;
    present = angleDeg;
  }
  return changedAt;
}
