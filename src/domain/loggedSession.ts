import type { Session, SessionStep } from './session';

/** A step as the log is read: what was done with what, beside the count that was planned. */
export type LoggedStep = Pick<
  SessionStep,
  | 'itemId'
  | 'abrasiveName'
  | 'kind'
  | 'form'
  | 'sizeUm'
  | 'task'
  | 'angleDeg'
  | 'motion'
  | 'plannedPerSide'
  | 'plannedApexUm'
  | 'learnedFactor'
  | 'left'
  | 'right'
  | 'activeSeconds'
  | 'inkChecks'
  | 'skipped'
  | 'finishedAt'
>;

/**
 * A session as the log is read: everything that later plans, lists and lessons go by, without what
 * only its own page shows. A whole session is one, too.
 */
export type LoggedSession = Pick<
  Session,
  | 'id'
  | 'toolId'
  | 'zoneId'
  | 'job'
  | 'tripId'
  | 'startedAt'
  | 'finishedAt'
  | 'where'
  | 'written'
  | 'workSince'
  | 'targetApexUm'
  | 'before'
  | 'after'
  | 'stepIndex'
  | 'notes'
> & { steps: LoggedStep[] };

/**
 * A session as a line of the log. While it is under way its counts stay out: they change with every
 * stroke, and nothing goes by them yet.
 */
export function loggedSession(session: Session): LoggedSession {
  const { id, toolId, zoneId, job, tripId, startedAt, finishedAt, where, written } = session;
  const { workSince, targetApexUm, before, after, stepIndex, notes } = session;
  const underWay = finishedAt === null;
  return {
    ...{ id, toolId, zoneId, job, tripId, startedAt, finishedAt, where, written },
    ...{ workSince, targetApexUm, before, after, stepIndex },
    notes: underWay ? '' : notes,
    steps: session.steps.map((step) => loggedStep(step, underWay)),
  };
}

function loggedStep(step: SessionStep, underWay: boolean): LoggedStep {
  const { itemId, abrasiveName, kind, form, sizeUm, task, angleDeg, motion } = step;
  const { plannedPerSide, plannedApexUm, learnedFactor } = step;
  const { left, right, activeSeconds, inkChecks, skipped, finishedAt } = step;
  return {
    ...{ itemId, abrasiveName, kind, form, sizeUm, task, angleDeg, motion },
    ...{ plannedPerSide, plannedApexUm, learnedFactor },
    ...(underWay
      ? { left: 0, right: 0, activeSeconds: 0, inkChecks: [] }
      : { left, right, activeSeconds, inkChecks }),
    skipped,
    finishedAt,
  };
}
