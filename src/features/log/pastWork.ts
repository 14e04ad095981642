import { logWords as say } from './words';
import { array, number, object, string, type InferType } from 'yup';
import { oneOf } from '../../domain/fields';
import { SHARPNESS_TESTS } from '../../domain/terms';

/** The form in which past work is written down. */

const optional = (most: number) =>
  number()
    .transform((value: unknown) => (Number.isNaN(value) ? null : value))
    .nullable()
    .min(0, say.mustBeAtLeast)
    .max(most, say.mustBeAtMost)
    .defined();

const stepSchema = object({
  itemId: string().required(say.chooseWhatItWasDone),
  strokesPerSide: optional(20_000).integer(say.mustBeAWholeNumber),
  minutes: optional(600),
}).test(
  'something-done',
  say.enterStrokesOrMinutes,
  ({ strokesPerSide, minutes }, { path, createError }) =>
    (strokesPerSide ?? 0) > 0 || (minutes ?? 0) > 0
      ? true
      : createError({
          path: `${path}.strokesPerSide`,
          message: say.enterStrokesOrMinutes,
        }),
);

const testOrNot = string()
  .oneOf(['', ...SHARPNESS_TESTS])
  .defined();

export const pastWorkSchema = object({
  edge: string().required(say.chooseWhichEdgeItWas),
  day: string()
    .matches(/^\d{4}-\d{2}-\d{2}$/, say.enterTheDay)
    .test('not-ahead', say.mustNotBeInFuture, isPast)
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
