import type { Finding, Session } from '../../domain/session';
import { isWorked } from '../../domain/observation';
import type { StepTask } from '../../domain/terms';
import { sessionRecessionMm } from '../inspection';

/** Steps that grind the face down past what had broken out of it. */
const GRINDS_OUT: readonly StepTask[] = [
  'grind out damage',
  'grind the bevel flat',
  'grind the new angle',
];
/** A mark shallower than this (mm) is not seen any more. */
const SEEN_FROM_MM = 0.005;

/** What work on the edge does not mend: a tip stays as it is, and what wedges does until it is thinned. */
const STAYS: Partial<Record<Finding['kind'], (job: Session['job']) => boolean>> = {
  'blunted-tip': () => true,
  'bent-tip': () => true,
  wedges: (job) => job !== 'thin' && job !== 'angle',
};

/**
 * The findings that a session's work has not removed: chips, rolls and crooked places are gone where
 * they were ground out, or a roll was laid straight; a burr, a glint, rust and ink go with any work on
 * their edge. What is left, on purpose or by the way that was chosen, loses what the apex has receded
 * by at `angleDeg`. Where nothing was worked, nothing is gone.
 */
export function findingsLeft(session: Session, angleDeg: number): Finding[] {
  const { job, before, damageWay } = session;
  const worked = session.steps.filter(isWorked);
  if (job === 'spine' || worked.length === 0) return before.findings;
  const ground = worked.some(({ task }) => GRINDS_OUT.includes(task));
  const wornMm = sessionRecessionMm(session, angleDeg);
  return before.findings.flatMap((found): Finding[] => {
    const { kind, leftOnPurpose, depthMm } = found;
    const isDamage = kind === 'chip' || kind === 'roll' || kind === 'out-of-true';
    if (!isDamage) return leftOnPurpose || STAYS[kind]?.(job) ? [found] : [];
    if (!leftOnPurpose && (ground || (kind === 'roll' && job === 'hone'))) return [];
    const left = Math.round(1000 * Math.max(0, depthMm - wornMm)) / 1000;
    if (left < SEEN_FROM_MM) return [];
    return [{ ...found, depthMm: left, leftOnPurpose: leftOnPurpose || damageWay === 'leave it' }];
  });
}
