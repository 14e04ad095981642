import { compareAsc } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Zone } from '../../domain/tool';

/** Finished work on one edge, oldest first; work on its spine and what nothing was done at left out. */
export function finishedWork(
  toolId: string,
  zone: Pick<Zone, 'id'>,
  sessions: readonly LoggedSession[],
): LoggedSession[] {
  return sessions
    .filter((s) => s.toolId === toolId && s.zoneId === zone.id && s.job !== 'spine')
    .filter(({ finishedAt, steps }) => finishedAt !== null && steps.some(isWorked))
    .sort((a, b) => compareAsc(a.startedAt, b.startedAt));
}
