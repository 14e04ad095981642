import { array, mixed, object, string, type Schema } from 'yup';
import { measure } from './fields';
import { observationSchema, toolChecksSchema } from './session';

/** What is half done, as far as whoever goes on with it relies on: all else is checked when it is saved. */

const someFields = mixed<object>((value): value is object => {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}).required();

const points = array(someFields).required();

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
  /** A photo that is measured on: the file itself, what is tapped on it, and what gives its scale (mm). */
  photo: object({
    file: mixed<Blob>((value): value is Blob => value instanceof Blob).required(),
    marks: object({
      coin: points,
      rule: points,
      edge: points,
      bevel: points,
      chip: points,
      spine: points,
      outline: points,
      neck: points,
    }).required(),
    sizes: object({
      coinMm: measure(0, 10_000),
      ruleMm: measure(0, 10_000),
      heightMm: measure(0, 1000),
    }).required(),
  }).required(),
} as const satisfies Record<string, Schema>;

export type DraftKind = keyof typeof DRAFT_SCHEMAS;
