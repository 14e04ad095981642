import { isSpineTask } from '../../domain/terms';
import type { SessionStep } from '../../domain/session';

/** Strokes over both sides after which ink first shows where a stone works. */
const FIRST_LOOK = 6;

/**
 * Whether it is time to ink the bevel and look: after the first few strokes, again so soon where the
 * edge was not reached, and else once for every side's worth of strokes. Strops are tested instead.
 */
export function inkDue(step: SessionStep): boolean {
  const { kind, task, left, right, plannedPerSide, inkChecks } = step;
  if (kind !== 'stone' || isSpineTask(task)) return false;
  const last = inkChecks.at(-1);
  const since = left + right - (last?.strokes ?? 0);
  const reached = last?.seen === 'gone to the edge';
  return since >= (reached ? Math.max(FIRST_LOOK, plannedPerSide) : FIRST_LOOK);
}
