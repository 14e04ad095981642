import type { LoggedSession } from '../../domain/loggedSession';
import type { Job } from '../../domain/terms';
import { ago } from '../format';

/** How far a session is: under way, step 2 of 3, begun 5 minutes ago. */
export function underWayWords({ stepIndex, steps, startedAt }: LoggedSession): string {
  return `under way, step ${stepIndex + 1} of ${steps.length}, begun ${ago(startedAt)}`;
}

/** The session of one edge, or of the spine, among those that are under way; the newest. */
export function underWayOn(
  sessions: readonly LoggedSession[],
  { zoneId, job }: { zoneId: string; job: Job },
): LoggedSession | undefined {
  const isSpine = job === 'spine';
  return sessions.find(
    (session) => (session.job === 'spine') === isSpine && (isSpine || session.zoneId === zoneId),
  );
}
