import type { Session, SessionStep } from './session';

/** What of a step only its own page shows. */
type UnreadOfStep =
  | 'forceN'
  | 'direction'
  | 'reachMm'
  | 'held'
  | 'lubricant'
  | 'sections'
  | 'plannedPerSideLow'
  | 'plannedPerSideHigh'
  | 'plannedMinutes'
  | 'stretch'
  | 'facet'
  | 'passStrokes'
  | 'zoneAfter'
  | 'doneWhen'
  | 'warnings'
  | 'deburred';

/** What of a session only its own page shows. */
type UnreadOfSession =
  | 'createdAt'
  | 'updatedAt'
  | 'deletedAt'
  | 'sitting'
  | 'damageWay'
  | 'spot'
  | 'side'
  | 'pausedAt'
  | 'steps';

/** A step as the log is read: what was done with what, beside the count that was planned. */
export type LoggedStep = Omit<SessionStep, UnreadOfStep>;

/**
 * A session as the log is read: everything that later plans, lists and lessons go by, without what
 * only its own page shows. A whole session is one, too.
 */
export type LoggedSession = Omit<Session, UnreadOfSession> & { steps: LoggedStep[] };

/**
 * A session as a line of the log. While it is under way its counts stay out: they change with every
 * stroke, and nothing goes by them yet. A field that is new in the record has to be named here, or
 * above: the types see to it.
 */
export function loggedSession(session: Session): LoggedSession {
  const underWay = session.finishedAt === null;
  return {
    id: session.id,
    toolId: session.toolId,
    zoneId: session.zoneId,
    job: session.job,
    person: session.person,
    tripId: session.tripId,
    startedAt: session.startedAt,
    finishedAt: session.finishedAt,
    where: session.where,
    written: session.written,
    workSince: session.workSince,
    targetApexUm: session.targetApexUm,
    before: session.before,
    after: session.after,
    stepIndex: session.stepIndex,
    notes: underWay ? '' : session.notes,
    steps: session.steps.map((step) => (underWay ? notYet(loggedStep(step)) : loggedStep(step))),
  };
}

function loggedStep(step: SessionStep): LoggedStep {
  return {
    itemId: step.itemId,
    abrasiveName: step.abrasiveName,
    kind: step.kind,
    form: step.form,
    task: step.task,
    sizeUm: step.sizeUm,
    angleDeg: step.angleDeg,
    motion: step.motion,
    plannedPerSide: step.plannedPerSide,
    plannedApexUm: step.plannedApexUm,
    baseline: step.baseline,
    learnedFactor: step.learnedFactor,
    left: step.left,
    right: step.right,
    activeSeconds: step.activeSeconds,
    byFeel: step.byFeel,
    tests: step.tests,
    inkChecks: step.inkChecks,
    burrWalks: step.burrWalks,
    glints: step.glints,
    skipped: step.skipped,
    finishedAt: step.finishedAt,
  };
}

function notYet(step: LoggedStep): LoggedStep {
  return {
    ...step,
    left: 0,
    right: 0,
    activeSeconds: 0,
    tests: [],
    inkChecks: [],
    burrWalks: [],
    glints: [],
  };
}
