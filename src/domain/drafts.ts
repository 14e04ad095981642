import { array, mixed, object, string, type Schema } from 'yup';
import { observationSchema, toolChecksSchema } from './session';

/** What is half done, as far as whoever goes on with it relies on: all else is checked when it is saved. */

const someFields = mixed<object>((value): value is object => {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}).required();

const words = () => string().max(10_000).defined();

export const DRAFT_SCHEMAS = {
  /** A form over a record: what it began with, and what was typed. */
  form: object({ base: someFields, values: someFields }).required(),
  look: object({
    seen: observationSchema.required(),
    checks: toolChecksSchema.required(),
    taskIds: array(string().required()).required(),
    damageWay: string().nullable().defined(),
  }).required(),
  'short look': object({ zoneId: words(), seen: observationSchema.required() }).required(),
  correction: object({ draft: someFields, when: words(), work: someFields }).required(),
  'corrected look': object({ draft: someFields, when: words() }).required(),
  'end of a job': object({ remaining: array(someFields).required(), facet: words() }).required(),
  'laid out': object({ laid: array(someFields).required() }).required(),
  hours: array(someFields).required(),
  note: words(),
} as const satisfies Record<string, Schema>;

export type DraftKind = keyof typeof DRAFT_SCHEMAS;
