import { newRecord } from '../../domain/newRecord';
import type { Observation, Session, SessionStep } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { reachMm } from '../hold';
import { handling, workingFace, type LadderAbrasive } from '../ladder';
import { defaultForceN } from '../wear';

/** What was done with one thing, as far as it is remembered: strokes, time, or both. */
export interface PastStep {
  abrasive: LadderAbrasive;
  strokesPerSide: number | null;
  minutes: number | null;
}

/**
 * A touch-up that was done without the guide, as it is written down later. Nothing was planned, so it
 * teaches no strokes; where strokes and time are both remembered it teaches the pace.
 */
export function pastSession(input: {
  id: string;
  /** When it is written down, and when it was done; ISO 8601. */
  at: string;
  doneAt: string;
  tripId: string | null;
  tool: Tool;
  zone: Zone;
  where: Session['where'];
  steps: readonly PastStep[];
  before: Observation;
  after: Observation;
  notes: string;
}): Session {
  const { id, at, doneAt, tripId, tool, zone, where, before, after, notes } = input;
  return {
    ...newRecord(id, at),
    toolId: tool.id,
    zoneId: zone.id,
    job: 'touch-up',
    tripId,
    person: null,
    sitting: [],
    workSince: null,
    startedAt: doneAt,
    finishedAt: doneAt,
    where,
    spot: null,
    written: 'afterwards',
    damageWay: null,
    targetApexUm: zone.targetApexUm,
    before,
    after,
    steps: input.steps.map((step) => pastStep(step, tool, zone, doneAt)),
    stepIndex: 0,
    side: 'left',
    pausedAt: null,
    notes,
  };
}

function pastStep(past: PastStep, tool: Tool, zone: Zone, doneAt: string): SessionStep {
  const { abrasive, strokesPerSide, minutes } = past;
  const face = workingFace(tool, zone);
  const { held, motion, direction, sections } = handling(face, abrasive, false);
  const isStone = abrasive.kind === 'stone';
  return {
    itemId: abrasive.id,
    abrasiveName: abrasive.name,
    kind: abrasive.kind,
    form: isStone ? abrasive.form : null,
    task: isStone ? 'restore the apex' : 'strop',
    sizeUm: abrasive.sizeUm,
    reachMm: reachMm(abrasive),
    held,
    angleDeg: face.angleDeg,
    forceN: defaultForceN({
      abrasive: isStone ? abrasive.family : abrasive.surface,
      sizeUm: abrasive.sizeUm,
      toolForm: face.toolForm,
      held,
      heavy: false,
    }),
    motion,
    direction,
    lubricant: (isStone && abrasive.lubricant) || 'dry',
    sections,
    plannedPerSide: 0,
    plannedPerSideLow: 0,
    plannedPerSideHigh: 0,
    plannedMinutes: 0,
    plannedApexUm: zone.targetApexUm,
    baseline: null,
    learnedFactor: 1,
    stretch: null,
    passStrokes: null,
    facet: null,
    zoneAfter: null,
    doneWhen: [],
    warnings: [],
    left: strokesPerSide ?? 0,
    right: strokesPerSide ?? 0,
    byFeel: null,
    activeSeconds: Math.round((minutes ?? 0) * 60),
    tests: [],
    inkChecks: [],
    burrWalks: [],
    glints: [],
    deburred: null,
    skipped: null,
    finishedAt: doneAt,
  };
}
