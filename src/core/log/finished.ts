import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import { KEEN_UP_TO, readingApexUm, upperEdgeUm } from '../sharpness';

/** Where nobody tested, a touch-up counts as finished with so much of its planned strokes. */
const ENOUGH_OF_PLAN = 0.5;

/** Finished sessions in which something was done, oldest first. */
export function workedSessions(sessions: readonly LoggedSession[]): LoggedSession[] {
  return sessions
    .filter(({ finishedAt, steps }) => finishedAt !== null && steps.some(isWorked))
    .sort((a, b) => Date.parse(a.finishedAt!) - Date.parse(b.finishedAt!));
}

/** Whether a session ended at what its plan promised or its work asked for; null where nobody tested. */
export function reachedTarget({ steps, after, targetApexUm }: LoggedSession): boolean | null {
  // Before its end is noted its latest test stands at the step.
  const last = after.tests.at(-1) ?? steps.findLast(({ tests }) => tests.length > 0)?.tests.at(-1);
  if (!last) return null;
  const promisedUm = steps.at(-1)?.plannedApexUm ?? 0;
  const enoughUm = KEEN_UP_TO * Math.max(promisedUm, targetApexUm ?? 0);
  return readingApexUm(last) <= Math.max(enoughUm, upperEdgeUm(enoughUm / KEEN_UP_TO));
}

/**
 * Whether a session was carried to its end: its edge reached what was asked or, where nobody tested, each step
 * that was not left out for a reason was worked by half of its plan at least. What was stopped on the way took steel
 * and strokes, and is no touch-up to count days by.
 */
export function isCarriedThrough(session: LoggedSession): boolean {
  return session.finishedAt !== null && session.steps.some(isWorked) && wasDone(session);
}

/** The same of a session that is at its end, noted or not. */
export function wasDone(session: LoggedSession): boolean {
  return (
    reachedTarget(session) ??
    session.steps.every(
      ({ left, right, plannedPerSide, skipped, activeSeconds }) =>
        skipped !== null ||
        (left + right === 0 && activeSeconds > 0) ||
        left + right >= ENOUGH_OF_PLAN * 2 * plannedPerSide,
    )
  );
}
