import { array, boolean, number, object, string, type InferType } from 'yup';
import {
  count,
  dayOnly,
  measure,
  measureOrNull,
  name,
  oneOf,
  recordFields,
  text,
  timestampOrNull,
} from './fields';
import { TASK_IDS } from './tasks';
import { CLIMATES } from './terms';

/** Work of one tool on one day. */
const workSchema = object({
  toolId: string().max(64).required(),
  /** From 0, the first day. */
  day: count(365),
  /** One of the painted tasks, or the person's own. */
  taskId: string().max(64).required(),
  hours: measure(0.1, 24),
  /** Where it was counted by number: how many, and how many make an hour. */
  counted: object({ amount: measure(0.1, 100_000), perHour: measure(0.01, 10_000) })
    .noUnknown()
    .nullable()
    .defined(),
}).noUnknown();

export type TripWork = InferType<typeof workSchema>;

/** Work that no list knows, with its own dulling. */
const ownTaskSchema = object({
  id: string().min(1).max(64).required(),
  name: name(),
  asks: oneOf(TASK_IDS),
  dullingUmPerHour: measure(0, 50),
  chipsPerHour: measure(0, 10),
}).noUnknown();

/** When the person touches up, as multiples of the radius that is asked for; chips by their depth. */
const policySchema = object({
  stropAt: number().min(1).max(20).required(),
  stoneAt: number().min(1).max(50).required(),
  repairMm: measure(0.02, 5),
}).noUnknown();

/** A trip: the tools that travel, the work of its days, and how one lives there. */
export const tripSchema = object({
  ...recordFields,
  name: name(),
  startsOn: dayOnly(),
  days: count(365).min(1),
  toolIds: array(string().max(64).required()).max(100).required(),
  /** Longest touch-up that is acceptable out there. */
  minutesPerTouchUp: measure(1, 240),
  /** Depth of chip that the kit must be able to repair; 0 for none. */
  chipDepthMm: measure(0, 2),
  work: array(workSchema.required()).max(2000).required(),
  ownTasks: array(ownTaskSchema.required()).max(20).required(),
  climate: array(oneOf(CLIMATES)).max(4).required(),
  /** Water that stones may have in a day. */
  waterMlPerDay: measure(0, 100_000),
  minutesPerEvening: measure(0, 600),
  /** Touch-ups in mid-job that a day allows, of each tool. */
  midJobStops: count(20),
  policy: policySchema.required(),
  footKm: measureOrNull(0, 10_000),
  people: array(name()).max(30).required(),
  /** Who carries what; tools that nobody is named for are everybody's. */
  carriers: array(
    object({ toolId: string().max(64).required(), person: name() })
      .noUnknown()
      .required(),
  )
    .max(200)
    .required(),
  /** Whether there is light to work by, and something flat. */
  hasLight: boolean().required(),
  hasFlat: boolean().required(),
  /** Tools that a rule keeps at home, with the rule. */
  forbidden: array(
    object({ toolId: string().max(64).required(), rule: name() })
      .noUnknown()
      .required(),
  )
    .max(100)
    .required(),
  archivedAt: timestampOrNull(),
  notes: text(),
}).noUnknown();

export type Trip = InferType<typeof tripSchema>;

/** What is usual of a trip until its owner says otherwise. */
export const USUAL_TRIP = {
  work: [],
  ownTasks: [],
  climate: [],
  waterMlPerDay: 500,
  minutesPerEvening: 30,
  midJobStops: 1,
  policy: { stropAt: 1.25, stoneAt: 2.2, repairMm: 0.15 },
  footKm: null,
  people: [],
  carriers: [],
  hasLight: true,
  hasFlat: true,
  forbidden: [],
  archivedAt: null,
} satisfies Partial<Trip>;
