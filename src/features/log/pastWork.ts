import { array, number, object, string, type InferType } from 'yup';
import { oneOf } from '../../domain/fields';
import { SHARPNESS_TESTS } from '../../domain/terms';

/** The form in which past work is written down. */

const optional = (most: number) =>
  number()
    .transform((value: unknown) => (Number.isNaN(value) ? null : value))
    .nullable()
    .min(0, 'must be at least ${min}')
    .max(most, 'must be at most ${max}')
    .defined();

const stepSchema = object({
  itemId: string().required('choose what it was done with'),
  strokesPerSide: optional(20_000).integer('must be a whole number'),
  minutes: optional(600),
}).test(
  'something-done',
  'enter strokes a side or minutes: without either nothing was done',
  ({ strokesPerSide, minutes }, { path, createError }) =>
    (strokesPerSide ?? 0) > 0 || (minutes ?? 0) > 0
      ? true
      : createError({
          path: `${path}.strokesPerSide`,
          message: 'enter strokes a side or minutes: without either nothing was done',
        }),
);

const testOrNot = string()
  .oneOf(['', ...SHARPNESS_TESTS])
  .defined();

export const pastWorkSchema = object({
  edge: string().required('choose which edge it was'),
  day: string()
    .matches(/^\d{4}-\d{2}-\d{2}$/, 'enter the day it was done')
    .test('not-ahead', 'must not lie ahead: this writes down what is done', isPast)
    .required(),
  where: oneOf(['bench', 'field']),
  steps: array(stepSchema.required()).min(1).max(10).required(),
  before: testOrNot,
  after: testOrNot,
  notes: string().max(4000).defined(),
});

export type PastWork = InferType<typeof pastWorkSchema>;

/** Noon of the day, as the record keeps it; the hour is not remembered. */
export function noonOf(day: string): string {
  return new Date(`${day}T12:00:00`).toISOString();
}

function isPast(day: string | undefined): boolean {
  return !day || Date.parse(`${day}T00:00:00`) <= Date.now();
}
