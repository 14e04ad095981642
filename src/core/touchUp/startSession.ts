import { newRecord } from '../../domain/newRecord';
import type { Observation, Session, SessionStep } from '../../domain/session';
import type { DamageWay, Job } from '../../domain/terms';
import { reachMm } from '../hold';
import type { JobPlan } from '../jobs';
import type { LadderStep } from '../ladder';

/** A touch-up or another job at its first stroke, with the plan as it was seen. */
export function startSession(input: {
  id: string;
  at: string;
  toolId: string;
  zoneId: string;
  job: Job;
  where: Session['where'];
  /** Which place out there; not said where nothing is given. */
  spot?: Session['spot'];
  /** The trip that it is worked on; at home where nothing is said. */
  tripId?: string | null;
  /** Work done since the touch-up before; not noted where nothing is said. */
  workSince?: Session['workSince'];
  /** Whose hand it is; nobody's in particular where nothing is said. */
  person?: string | null;
  before: Observation;
  targetApexUm: number | null;
  /** What is done about damage; null where there is none. */
  damageWay: DamageWay | null;
  plan: JobPlan;
  /** The sessions of one sitting, this one among them; by itself where nothing is said. */
  sitting?: string[];
  /** Whether it goes by feel: a clock, and no strokes are counted; counted where nothing is said. */
  byFeel?: boolean;
  /** A step's signs and warnings, as the person reads them: they are kept as they were seen. */
  wordsOf: (step: LadderStep) => StepWords;
}): Session {
  const { plan, at, wordsOf, sitting = [], tripId = null, workSince = null, ...rest } = input;
  const { byFeel = false, spot = null, ...given } = rest;
  const steps = plannedSteps(plan, wordsOf);
  const { person = null } = input;
  return {
    ...given,
    ...newRecord(given.id, at),
    sitting,
    spot,
    tripId,
    workSince,
    person,
    written: 'in the guide',
    startedAt: at,
    finishedAt: null,
    after: { tests: [], findings: [] },
    steps: byFeel ? steps.map((step) => ({ ...step, byFeel: NOT_FELT })) : steps,
    stepIndex: 0,
    side: 'left',
    // The clock waits for the hand.
    pausedAt: byFeel ? at : null,
    notes: '',
  };
}

/** A step by feel before its clock has run. */
export const NOT_FELT: NonNullable<SessionStep['byFeel']> = {
  leftSeconds: 0,
  rightSeconds: 0,
  leftDone: false,
  rightDone: false,
};

/** What a step says in words. */
export interface StepWords {
  doneWhen: string[];
  warnings: string[];
}

/** The steps of a plan, none of them begun. */
export function plannedSteps(
  plan: JobPlan,
  wordsOf: (step: LadderStep) => StepWords,
): SessionStep[] {
  return plan.steps.map((step) => sessionStep(step, wordsOf(step)));
}

function sessionStep(step: LadderStep, words: StepWords): SessionStep {
  return {
    itemId: step.abrasive.id,
    abrasiveName: step.abrasive.name,
    kind: step.abrasive.kind,
    form: step.abrasive.kind === 'stone' ? step.abrasive.form : null,
    task: step.task,
    sizeUm: step.abrasive.sizeUm,
    reachMm: reachMm(step.abrasive),
    held: step.held,
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
    baseline: step.baseline,
    learnedFactor: step.learnedFactor,
    stretch: step.stretch,
    passStrokes: step.passStrokes,
    facet: step.facet,
    zoneAfter: step.zoneAfter,
    ...words,
    left: 0,
    right: 0,
    activeSeconds: 0,
    byFeel: null,
    tests: [],
    inkChecks: [],
    burrWalks: [],
    glints: [],
    deburred: null,
    skipped: null,
    finishedAt: null,
  };
}
