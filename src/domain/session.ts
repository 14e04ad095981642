import { array, boolean, number, object, string, type InferType, type StringSchema } from 'yup';
import { zoneSchema } from './tool';
import {
  count,
  countOrNull,
  identifier,
  identifierOrNull,
  measure,
  measureOrNull,
  name,
  oneOf,
  oneOfOrNull,
  recordFields,
  text,
  timestamp,
  timestampOrNull,
} from './fields';
import {
  ABRASIVE_FORMS,
  BANDS,
  CAUSES,
  DAMAGE_WAYS,
  DEBURR_WAYS,
  EDGE_PLACES,
  EDGE_TESTS,
  FINDING_KINDS,
  HELD_WAYS,
  INK_SEEN,
  JOBS,
  LUBRICANT_KINDS,
  MOTIONS,
  SHAVING_WAYS,
  SIDES,
  SKIP_REASONS,
  SPOTS,
  STEP_TASKS,
  WORK_UNITS,
} from './terms';

/** One test of the edge: the finest one it passes, or grams on a force tester. */
export const testSchema = object({
  test: oneOfOrNull(EDGE_TESTS),
  grams: number().min(1).max(2000).nullable().defined(),
  place: oneOf(EDGE_PLACES),
  /** Of shaving only: one way tells a burr. */
  shaves: oneOfOrNull(SHAVING_WAYS),
  /** Strokes over both sides on the surface under the hand by then; null outside of a step. */
  strokes: count().nullable(),
})
  .noUnknown()
  .test(
    'one-reading',
    '${path} must hold either a test or grams',
    (reading) => (reading.test === null) !== (reading.grams === null),
  );

export type EdgeTest = InferType<typeof testSchema>;

function tripId(): StringSchema<string | null> {
  return identifierOrNull();
}

/** Something seen on the edge, at its place from the heel. */
const findingSchema = object({
  kind: oneOf(FINDING_KINDS),
  atMm: measure(0, 1000),
  depthMm: measure(0, 10),
  side: oneOfOrNull(SIDES),
  /** Where it lies across the bevel; null where it goes through or was not looked at. */
  band: oneOfOrNull(BANDS),
  cause: oneOf(CAUSES),
  /** Known and tolerated: worn out over later touch-ups instead of ground out now. */
  leftOnPurpose: boolean().required(),
}).noUnknown();

export type Finding = InferType<typeof findingSchema>;

/** Whether any damage is recorded as so deep, at such a place. */
export function isFindingMeasure(measure: Pick<Finding, 'depthMm' | 'atMm'>): boolean {
  return findingSchema.pick(['depthMm', 'atMm']).isValidSync(measure);
}

/** What was seen and tested at one moment. */
export const observationSchema = object({
  tests: array(testSchema.required()).max(50).required(),
  findings: array(findingSchema.required()).max(200).required(),
}).noUnknown();

export type Observation = InferType<typeof observationSchema>;

/** What ink on the bevel told after so many strokes over both sides. */
const inkCheckSchema = object({ strokes: count(), seen: oneOf(INK_SEEN) }).noUnknown();

/** Where along the zone a burr was felt, heel to tip in equal parts, on the side that it stands on. */
const burrWalkSchema = object({
  strokes: count(),
  side: oneOf(SIDES),
  felt: array(boolean().required()).min(2).max(20).required(),
}).noUnknown();

export type BurrWalk = InferType<typeof burrWalkSchema>;

/** One step of a touch-up: what was planned, as it was seen then, and what was done. */
const sessionStepSchema = object({
  /** Shelf record and, for stones, face; the name stands as it was at the time. */
  itemId: identifier(),
  abrasiveName: name(),
  kind: oneOf(['stone', 'strop']),
  /** The body that carries the abrasive; null for a strop, and where an older record did not say. */
  form: oneOfOrNull(ABRASIVE_FORMS),
  task: oneOf(STEP_TASKS),
  sizeUm: measure(0.05, 2000),
  /** How far behind the edge the stone reaches, where its rear is lifted; null for a strop, and where nobody noted it. */
  reachMm: measureOrNull(0, 1000),
  /** How tool and abrasive met; null where nobody noted it. */
  held: oneOfOrNull(HELD_WAYS),
  /** Per side; 90 for work on the spine. */
  angleDeg: measure(0, 90),
  forceN: measure(0.1, 100),
  motion: oneOf(MOTIONS),
  direction: oneOf(['edge leading', 'edge trailing', 'both ways']),
  lubricant: oneOf(LUBRICANT_KINDS),
  sections: measure(1, 20).integer(),
  plannedPerSide: count(),
  plannedPerSideLow: count(),
  plannedPerSideHigh: count(),
  plannedMinutes: measure(0, 10_000),
  plannedApexUm: measure(0.05, 50),
  /**
   * What the model alone counted, over both sides, in this hardness of the steel and this radius of the
   * apex (null where nobody noted them, or where scratches were to go); null for usual counts. What the
   * log had taught is not in it.
   */
  baseline: object({
    strokes: measure(0, 10_000_000),
    minutes: measure(0, 1_000_000),
    hardnessHrc: measureOrNull(30, 68),
    apexUm: measureOrNull(0.01, 1000),
  })
    .noUnknown()
    .nullable()
    .defined(),
  /** What the log had taught by then, as a factor that is in the planned strokes. */
  learnedFactor: measure(0.01, 100),
  /** The stretch that was worked at an angle of its own, and its share of the strokes; mostly none. */
  stretch: object({
    startMm: measure(0, 1000),
    endMm: measure(0, 1000),
    angleDeg: measure(0, 90),
    strokesPerSide: count(),
  })
    .noUnknown()
    .nullable()
    .defined(),
  /** Strokes of one pass from heel to toe, where a stone was moved over the tool; null where not. */
  passStrokes: countOrNull(100_000),
  /** Which of an arc's facets is worked, apex first; null where none is. */
  facet: object({ number: count(12).min(1), of: count(12).min(1) })
    .noUnknown()
    .nullable()
    .defined(),
  /** What the zone measures once this step is done; null where its measures stay. */
  zoneAfter: zoneSchema.nullable().defined(),
  doneWhen: array(string().max(200).required()).max(10).required(),
  warnings: array(string().max(300).required()).max(10).required(),
  /** Strokes done on each side. */
  left: count(),
  right: count(),
  activeSeconds: measure(0, 1_000_000),
  /** Seconds on each side where it was worked by feel and no stroke was counted; null where they were. */
  byFeel: object({
    leftSeconds: measure(0, 1_000_000),
    rightSeconds: measure(0, 1_000_000),
    leftDone: boolean().required(),
    rightDone: boolean().required(),
  })
    .noUnknown()
    .nullable()
    .defined(),
  tests: array(testSchema.required()).max(200).required(),
  inkChecks: array(inkCheckSchema.required()).max(200).required(),
  burrWalks: array(burrWalkSchema.required()).max(200).required(),
  /** Whether a glint showed along the edge after so many strokes. */
  glints: array(object({ strokes: count(), seen: boolean().required() }).noUnknown().required())
    .max(200)
    .required(),
  /** How its burr was taken off; null where nobody said. */
  deburred: oneOfOrNull(DEBURR_WAYS),
  /** Why it was left out; null for one that was walked. */
  skipped: oneOfOrNull(SKIP_REASONS),
  finishedAt: timestampOrNull(),
}).noUnknown();

export type SessionStep = InferType<typeof sessionStepSchema>;

/** One touch-up of one zone, or another job on a tool, under way or in the log. */
export const sessionSchema = object({
  ...recordFields,
  toolId: identifier(),
  /** The zone that was worked; the first one where the spine was. */
  zoneId: identifier(),
  job: oneOf(JOBS),
  /** Whose hand it was; null where nobody said. */
  person: string().min(1).max(80).nullable().defined(),
  /** The trip that it was worked on; null for one at home. */
  tripId: tripId(),
  /** Sessions that are worked in one sitting, this one among them; empty for one by itself. */
  sitting: array(identifier()).max(12).required(),
  startedAt: timestamp(),
  finishedAt: timestampOrNull(),
  where: oneOf(['bench', 'field']),
  /** The place out there that it is worked at, which says what is at hand; null where nobody said. */
  spot: oneOfOrNull(SPOTS),
  /** Counted by the guide as it was done, or written down later. */
  written: oneOf(['in the guide', 'afterwards']),
  /** Work that the edge had done since the touch-up before; null where it was not noted. */
  workSince: object({ amount: measure(0.1, 1_000_000), unit: oneOf(WORK_UNITS) })
    .noUnknown()
    .nullable()
    .defined(),
  /** What was done about damage; null where there was none. */
  damageWay: oneOfOrNull(DAMAGE_WAYS),
  /** The apex radius that its work asked for then; null where that was not kept. */
  targetApexUm: measure(0.1, 20).nullable().defined(),
  before: observationSchema.required(),
  after: observationSchema.required(),
  steps: array(sessionStepSchema.required()).max(20).required(),
  /** Where the hand is: the step, the side that faces the stone, and whether work is paused. */
  stepIndex: count(20),
  side: oneOf(SIDES),
  pausedAt: timestampOrNull(),
  notes: text(),
})
  .noUnknown()
  .test(
    'step-there',
    '${path} stands at a step that is not there: stepIndex is too high',
    isAtStep,
  );

/** Whether the hand stands at one of the steps; a finished session may have none. */
function isAtStep(session: { stepIndex: number; steps: unknown[]; finishedAt: string | null }) {
  const { stepIndex, steps, finishedAt } = session;
  if (!Array.isArray(steps)) return true; // The field itself is refused.
  return steps.length === 0 ? finishedAt !== null : stepIndex < steps.length;
}

export type Session = InferType<typeof sessionSchema>;

/** Looks at the whole tool; null where not looked at. What is not sound stops its use. */
export const toolChecksSchema = object({
  head: oneOfOrNull(['tight', 'loose']),
  handle: oneOfOrNull(['sound', 'cracked']),
  blade: oneOfOrNull(['sound', 'cracked']),
  straightness: oneOfOrNull(['true', 'slightly bent', 'badly bent']),
  temper: oneOfOrNull(['sound', 'overheated']),
}).noUnknown();

export type ToolChecks = InferType<typeof toolChecksSchema>;

/** A look at the edge between touch-ups. */
export const inspectionSchema = object({
  ...recordFields,
  toolId: identifier(),
  zoneId: identifier(),
  /** The trip that it was a look on, or on return from; null for one at home. */
  tripId: tripId(),
  at: timestamp(),
  seen: observationSchema.required(),
  /** Whether the edge was looked along for damage; where it was not, finding none says nothing. */
  lookedAlong: boolean().required(),
  checks: toolChecksSchema.required(),
  notes: text(),
}).noUnknown();

export type Inspection = InferType<typeof inspectionSchema>;
