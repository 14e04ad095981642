import { array, boolean, number, object, type InferType } from 'yup';
import {
  count,
  dayOnly,
  identifier,
  measure,
  measureOrNull,
  name,
  oneOf,
  recordFields,
  text,
  timestampOrNull,
} from './fields';
import { observationSchema } from './session';
import { TASK_IDS } from './tasks';
import { CARRY_PLACES, CLIMATES, COVERS, PLACES } from './terms';

/** Less of a job than this is none: hours, or things counted. */
export const LEAST_WORK = 0.1;

/** Work of one tool on one day. */
const workSchema = object({
  toolId: identifier(),
  /** From 0, the first day. */
  day: count(365),
  /** One of the painted tasks, or the person's own. */
  taskId: identifier(),
  hours: measure(LEAST_WORK, 24),
  /** Where it was counted by number: how many, and how many make an hour. */
  counted: object({ amount: measure(LEAST_WORK, 100_000), perHour: measure(0.01, 10_000) })
    .noUnknown()
    .nullable()
    .defined(),
}).noUnknown();

export type TripWork = InferType<typeof workSchema>;

/** Work that no list knows, with its own dulling. */
const ownTaskSchema = object({
  id: identifier(),
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
  /** Depth of a chip that sends the tool home for the rest of the trip; null where none does. */
  goHomeMm: measureOrNull(0.02, 10),
}).noUnknown();

/** A thing of the shelf that went along. */
const carriedSchema = object({
  itemId: identifier(),
  place: oneOf(PLACES),
  /** Whether it lies on its mat, ready to go. */
  packed: boolean().required(),
  /** Whether it was used; null until somebody says. */
  used: boolean().nullable().defined(),
}).noUnknown();

export type Carried = InferType<typeof carriedSchema>;

const itemIds = array(identifier()).max(300).required();

/** What the person has said of the kit of a trip. */
const kitSchema = object({
  heldIn: itemIds,
  keptOut: itemIds,
  /** What stays in the vehicle, or in a workshop near by: there in need, and not carried. */
  vehicle: itemIds,
  /** Where things go that are not carried where they live. */
  places: array(
    object({ itemId: identifier(), place: oneOf(CARRY_PLACES) })
      .noUnknown()
      .required(),
  )
    .max(300)
    .required(),
  /** What has to be covered beside the edges. */
  covers: array(oneOf(COVERS)).max(COVERS.length).required(),
  /** Whether work in mid-job has to be met from the belt. */
  midJobFromBelt: boolean().required(),
  /** Most grams in all and by place; null where there is no limit. */
  mostG: measureOrNull(0, 100_000),
  mostPouchG: measureOrNull(0, 100_000),
  mostPackG: measureOrNull(0, 100_000),
  mostBaseCampG: measureOrNull(0, 100_000),
  /** Grams that a minute of touching up is worth to the person. */
  gramsPerMinute: measure(0.01, 1000),
}).noUnknown();

/** A trip: the tools that travel, the work of its days, and how one lives there. */
export const tripSchema = object({
  ...recordFields,
  name: name(),
  startsOn: dayOnly(),
  days: count(365).min(1),
  toolIds: array(identifier()).max(100).required(),
  /** Longest touch-up that is acceptable out there. */
  minutesPerTouchUp: measure(1, 240),
  /** Depth of chip that the kit must be able to repair; 0 for none. */
  chipDepthMm: measure(0, 2),
  work: array(workSchema.required()).max(2000).required(),
  ownTasks: array(ownTaskSchema.required()).max(20).required(),
  climate: array(oneOf(CLIMATES)).max(4).required(),
  /** Water at hand in a day, and how much of it stones may have. */
  waterAtHandMlPerDay: measure(0, 1_000_000),
  waterMlPerDay: measure(0, 100_000),
  minutesPerEvening: measure(0, 600),
  /** Touch-ups in mid-job that a day allows, of each tool. */
  midJobStops: count(20),
  /** Whether evenings are at home, with the whole shelf and all the water there is. */
  nights: oneOf(['out there', 'at home']),
  policy: policySchema.required(),
  footKm: measureOrNull(0, 10_000),
  people: array(name()).max(30).required(),
  /** Who carries what; tools that nobody is named for are everybody's. */
  carriers: array(object({ toolId: identifier(), person: name() }).noUnknown().required())
    .max(200)
    .required(),
  /** Whether there is light to work by, and something flat. */
  hasLight: boolean().required(),
  hasFlat: boolean().required(),
  /** Tools that a rule keeps at home, with the rule. */
  forbidden: array(object({ toolId: identifier(), rule: name() }).noUnknown().required())
    .max(100)
    .required(),
  /** Days whose hours were told on their evening, as they really were. */
  toldDays: array(count(365)).max(366).required(),
  kit: kitSchema.required(),
  /** What of the shelf goes along, and what of it was used; empty until it is packed. */
  carried: array(carriedSchema.required()).max(200).required(),
  /** What was looked at on return and is not said yet: a check-in goes on where it was left. */
  looksBack: array(
    object({ toolId: identifier(), zoneId: identifier(), seen: observationSchema.required() })
      .noUnknown()
      .required(),
  )
    .max(300)
    .required(),
  /** When its tools were looked through on return. */
  checkedInAt: timestampOrNull(),
  archivedAt: timestampOrNull(),
  notes: text(),
}).noUnknown();

export type Trip = InferType<typeof tripSchema>;

/** What is usual of a trip until its owner says otherwise. */
export const USUAL_TRIP = {
  work: [],
  ownTasks: [],
  toldDays: [],
  climate: [],
  waterAtHandMlPerDay: 3000,
  waterMlPerDay: 500,
  minutesPerEvening: 30,
  midJobStops: 1,
  nights: 'out there',
  policy: { stropAt: 1.25, stoneAt: 2.2, repairMm: 0.15, goHomeMm: null },
  footKm: null,
  people: [],
  carriers: [],
  hasLight: true,
  hasFlat: true,
  forbidden: [],
  kit: {
    heldIn: [],
    keptOut: [],
    vehicle: [],
    places: [],
    covers: ['lubricant', 'first aid'],
    midJobFromBelt: false,
    mostG: null,
    mostPouchG: null,
    mostPackG: null,
    mostBaseCampG: null,
    gramsPerMinute: 1,
  },
  carried: [],
  looksBack: [],
  checkedInAt: null,
  archivedAt: null,
} satisfies Partial<Trip>;
