import { newRecord } from '../../domain/newRecord';
import type { Observation, Session, SessionStep } from '../../domain/session';
import type { Job } from '../../domain/terms';
import type { LadderPlan, LadderStep } from '../ladder';

/** A touch-up or another job at its first stroke, with the plan as it was seen. */
export function startSession(input: {
  id: string;
  at: string;
  toolId: string;
  zoneId: string;
  job: Job;
  where: Session['where'];
  before: Observation;
  plan: LadderPlan;
}): Session {
  const { plan, at, ...given } = input;
  return {
    ...given,
    ...newRecord(given.id, at),
    startedAt: at,
    finishedAt: null,
    after: { tests: [], findings: [] },
    steps: plan.steps.map(sessionStep),
    stepIndex: 0,
    side: 'left',
    pausedAt: null,
    notes: '',
  };
}

function sessionStep(step: LadderStep): SessionStep {
  return {
    itemId: step.abrasive.id,
    abrasiveName: step.abrasive.name,
    kind: step.abrasive.kind,
    form: step.abrasive.kind === 'stone' ? step.abrasive.form : null,
    task: step.task,
    sizeUm: step.abrasive.sizeUm,
    angleDeg: step.angleDeg,
    forceN: step.forceN,
    motion: step.motion,
    direction: step.direction,
    lubricant: step.lubricant,
    sections: step.sections,
    plannedPerSide: step.strokesPerSide,
    plannedPerSideLow: step.strokesPerSideLow,
    plannedPerSideHigh: step.strokesPerSideHigh,
    plannedMinutes: step.minutes,
    plannedApexUm: step.apexRadiusUm,
    doneWhen: step.doneWhen,
    warnings: step.warnings,
    left: 0,
    right: 0,
    activeSeconds: 0,
    tests: [],
    finishedAt: null,
  };
}
