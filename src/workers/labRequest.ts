import { object, type InferType } from 'yup';
import { experimentSchema } from '../domain/experiment';
import { count, measure, oneOf } from '../domain/fields';
import { toolSchema, zoneSchema } from '../domain/tool';
import { STROKE_QUESTIONS } from '../core';

/** A question to the lab as it crosses into its thread: shape, ranges and size are checked at the border. */
const labRequestSchema = object({
  question: oneOf(STROKE_QUESTIONS),
  tool: toolSchema.required(),
  zone: zoneSchema.required(),
  apexRadiusUm: measure(0.05, 200),
  experiment: experimentSchema.required(),
  runs: count(5000).min(1),
  seed: count(4_294_967_295),
}).noUnknown();

export type LabRequest = InferType<typeof labRequestSchema>;

/** A question whose shape is sound. Throws a `ValidationError` that names the field. */
export function readLabRequest(sent: unknown): LabRequest {
  return labRequestSchema.validateSync(sent, { strict: true });
}
