import { millisecondsInWeek } from 'date-fns/constants';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Tool } from '../../domain/tool';
import { planSpine, raisingsLeft, RAISINGS_PER_FILING } from '../jobs';
import type { Hand, LadderAbrasive } from '../ladder';
import type { SpineUse } from './careRow';

const WEEK_MS = millisecondsInWeek;

/** How the hook on a tool's spine is used up, by its log; null where there is none. */
export function spineUse(
  tool: Tool,
  sessions: readonly LoggedSession[],
  now: string,
  bench: { abrasives: readonly LadderAbrasive[]; hand: Hand },
): SpineUse | null {
  if (tool.spine.use !== 'burnished hook') return null;
  const raised = sessions.filter(({ job, finishedAt }) => job === 'spine' && finishedAt !== null);
  const first = raised.map(({ startedAt }) => startedAt).sort()[0] ?? now;
  const weeks = Math.max(1, (Date.parse(now) - Date.parse(first)) / WEEK_MS);
  const left = raisingsLeft(tool, sessions);
  const most = Math.max(left, tool.spine.raisingsLeft, RAISINGS_PER_FILING);
  const { outcome, minutes } = planSpine({ ...bench, tool, work: 'file it anew' });
  return {
    raised: most - left,
    most,
    aWeek: raised.length / weeks,
    minutes: outcome === 'planned' ? minutes : null,
  };
}
