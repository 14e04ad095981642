import { object, string, type InferType } from 'yup';
import { count, identifier, measure, oneOf, recordFields, timestamp } from './fields';
import { SIDES } from './terms';

/** A figure with its standard error (degrees). */
const estimateSchema = object({ value: measure(-30, 90), se: measure(0, 90) }).noUnknown();

/** A set of strokes that was practised with a phone on a lath: how one hand held. */
export const practiceSchema = object({
  ...recordFields,
  toolId: identifier(),
  zoneId: identifier(),
  at: timestamp(),
  /** Whose hand it was; null where nobody said. */
  person: string().min(1).max(80).nullable().defined(),
  hand: oneOf(SIDES),
  /** What was meant to be held, and how far from it was held (degrees per side). */
  meantDeg: measure(5, 60),
  bandDeg: measure(0.1, 10),
  strokes: count(2000).min(3),
  seconds: measure(0, 3600),
  mean: estimateSchema.required(),
  wobble: estimateSchema.required(),
  /** Null where a set was too short to know. */
  drift: estimateSchema.nullable().defined(),
  /** Null where the device does not tell directions. */
  backSteeper: estimateSchema.nullable().defined(),
  /** How much higher it was held at belly and tip; null in older sets. */
  bellyLift: estimateSchema.nullable().defined(),
  heldShare: measure(0, 1),
}).noUnknown();

export type Practice = InferType<typeof practiceSchema>;
