import { array, object, type InferType } from 'yup';
import { experimentSchema } from '../domain/experiment';
import { count, measure, oneOf } from '../domain/fields';
import { playedStepSchema } from '../domain/playedStep';
import { COUNT_SCHEMES } from '../domain/terms';
import { toolSchema, zoneSchema } from '../domain/tool';
import { STROKE_QUESTIONS } from '../core/lab';

const edgeFields = {
  tool: toolSchema.required(),
  zone: zoneSchema.required(),
  apexRadiusUm: measure(0.05, 200),
  experiment: experimentSchema.required(),
  runs: count(5000).min(1),
  seed: count(4_294_967_295),
};

/** A question to the lab as it crosses into its thread: shape, ranges and size are checked at the border. */
const labRequestSchema = object({
  question: oneOf(STROKE_QUESTIONS),
  ...edgeFields,
}).noUnknown();

/** Strokes to be played, by the hand of the experiment. */
const playRequestSchema = object({
  steps: array(playedStepSchema.required()).min(1).max(20).required(),
  scheme: oneOf(COUNT_SCHEMES),
  ...edgeFields,
}).noUnknown();

export type LabRequest = InferType<typeof labRequestSchema>;

/** A question whose shape is sound. Throws a `ValidationError` that names the field. */
export function readLabRequest(sent: unknown): LabRequest {
  return labRequestSchema.validateSync(sent, { strict: true });
}

export type PlayRequest = InferType<typeof playRequestSchema>;

/** Strokes whose shape is sound. Throws a `ValidationError` that names the field. */
export function readPlayRequest(sent: unknown): PlayRequest {
  return playRequestSchema.validateSync(sent, { strict: true });
}
