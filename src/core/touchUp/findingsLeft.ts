import type { Finding, Session } from '../../domain/session';
import type { StepTask } from '../../domain/terms';

/** Steps that grind the whole face down past what had broken out of it. */
const GRINDS_OUT: readonly StepTask[] = ['grind out damage', 'grind the bevel flat'];

/**
 * The findings that a session's work has not removed: chips, rolls and crooked places are gone only
 * where they were ground out, or a roll was laid straight; a burr, a glint, rust and ink go with any
 * work on their edge. What is left on purpose stays.
 */
export function findingsLeft({ job, before, steps }: Session): Finding[] {
  if (job === 'spine') return before.findings;
  const ground = steps.some(({ task }) => GRINDS_OUT.includes(task));
  return before.findings.filter(({ kind, leftOnPurpose }) => {
    if (leftOnPurpose) return true;
    if (kind === 'chip' || kind === 'out-of-true') return !ground;
    return kind === 'roll' ? !ground && job !== 'hone' : false;
  });
}
