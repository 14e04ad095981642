import { array, boolean, number, object } from 'yup';
import type { TripProblem } from '../core';
import { oneOf } from '../domain/fields';
import { id, notNegative, positive } from './requestFields';

/** A trip problem as it crosses a border: shape, ranges and size are checked there. */

const whole = notNegative.integer();

const costPointSchema = object({
  apexUm: positive.max(1000),
  chipMm: notNegative,
  rung: oneOf(['strop', 'stone', 'file']),
  minutes: notNegative,
  strokesPerSide: notNegative,
  waterMl: notNegative,
  passes: notNegative,
  endUm: positive.max(1000),
});

const costsSchema = object({
  worn: array(costPointSchema.required()).max(40).required(),
  chipped: array(costPointSchema.required()).max(40).required(),
  finishUm: positive.max(1000),
});

const workSchema = object({
  day: whole.max(365),
  taskId: id,
  hours: positive.max(24),
  wear: object({
    umPerHour: notNegative.max(1000),
    chipsPerHour: notNegative.max(1000),
  }).required(),
  learnedFactor: positive,
  needUm: positive.max(1000),
});

const edgeSchema = object({
  id,
  toolId: id,
  zoneId: id,
  targetUm: positive.max(1000),
  startUm: positive.max(1000),
  copies: whole.min(1).max(20),
  toolSdLn: positive.max(3),
  fromDay: whole.max(365),
  work: array(workSchema.required()).max(2000).required(),
  midJobCosts: costsSchema.required(),
  eveningCosts: costsSchema.required(),
});

const policySchema = object({
  stropAt: number().min(1).max(20).required(),
  stoneAt: number().min(1).max(50).required(),
  repairMm: positive,
  goHomeMm: number().positive().nullable().defined(),
  chipsInEvening: boolean().required(),
  midJobStops: whole.max(20),
});

const requestSchema = object({
  days: whole.min(1).max(365),
  edges: array(edgeSchema.required()).max(120).required(),
  policy: policySchema.required(),
  runs: whole.min(1).max(4000),
  seed: whole.max(4_294_967_295),
});

/** The problem in a message; throws a `ValidationError` that names the field when it is not one. */
export function readTripRequest(message: unknown): TripProblem {
  return requestSchema.validateSync(message, { strict: true }) as TripProblem;
}
