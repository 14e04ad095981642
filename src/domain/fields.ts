import { number, string, type NumberSchema, type Schema, type StringSchema } from 'yup';

/** Building blocks of the record schemas, with refusals that name the field and the remedy. */

/**
 * What names a record, a face or a zone. Words that every object answers to are none: a table by ids would
 * find something under them that nobody put there.
 */
const IDENTIFIER =
  /^(?!(?:constructor|prototype|toString|toLocaleString|valueOf|hasOwnProperty|isPrototypeOf|propertyIsEnumerable|__\w+__)$)[\w-][\w .:/-]*$/;

/** The fields that every stored record carries; times are ISO 8601 in UTC. */
export const recordFields = {
  id: identifier(),
  createdAt: timestamp(),
  updatedAt: timestamp(),
  /** When the record was removed; kept so that another device's copy does not bring it back. */
  deletedAt: timestampOrNull(),
};

/** An id, and a reference to one. */
export function identifier(): StringSchema<string> {
  return string()
    .max(64)
    .matches(IDENTIFIER, '${path} must be an id of letters, figures and - _ : / .')
    .required();
}

/** A reference that need not be there; null then. */
export function identifierOrNull(): StringSchema<string | null> {
  return identifier().nullable().defined() as StringSchema<string | null>;
}

export function timestamp(): StringSchema<string> {
  return moment().required();
}

export function timestampOrNull(): StringSchema<string | null> {
  return moment().nullable().defined();
}

function moment(): StringSchema<string | undefined> {
  return string()
    .datetime('${path} must be a date and time like 2026-05-04T16:30:00Z')
    .test('on-calendar', '${path} must be a day that is on the calendar', isOnCalendar);
}

/** A day without its hour, like 2026-10-02. */
export function dayOnly(): StringSchema<string> {
  return string()
    .matches(/^\d{4}-\d{2}-\d{2}$/, '${path} must be a date like 2026-10-02')
    .test('on-calendar', '${path} must be a day that is on the calendar', isOnCalendar)
    .required();
}

/** Whether a text that begins like a date names a day that exists; other texts are not its matter. */
function isOnCalendar(text: string | null | undefined): boolean {
  const [, year, month, day] = /^(\d{4})-(\d{2})-(\d{2})/.exec(text ?? '') ?? [];
  if (!text || !year) return true;
  // A day that its month does not have would be taken for one of the next.
  const daysInMonth = new Date(Date.UTC(Number(year), Number(month), 0)).getUTCDate();
  return Number(day) <= daysInMonth && !Number.isNaN(Date.parse(text));
}

export function name(): StringSchema<string> {
  return string().trim().min(1, '${path} must not be empty').max(80).required();
}

export function text(): StringSchema<string> {
  return string().max(4000).defined();
}

/** A measure within limits, both ends allowed. */
export function measure(min: number, max: number): NumberSchema<number> {
  return number()
    .typeError('${path} must be a number')
    .min(min, '${path} must be at least ${min}')
    .max(max, '${path} must be at most ${max}')
    .required('${path} is missing');
}

export function count(max = 100_000): NumberSchema<number> {
  return measure(0, max).integer('${path} must be a whole number');
}

/** A measure that need not be taken; null then. */
export function measureOrNull(min: number, max: number): NumberSchema<number | null> {
  return measure(min, max).nullable();
}

/** A count that need not be kept; null then. */
export function countOrNull(max: number): NumberSchema<number | null> {
  return count(max).nullable();
}

/** One word out of a closed list. */
export function oneOf<const T extends readonly string[]>(words: T): StringSchema<T[number]> {
  return string()
    .oneOf(words, '${path} must be one of: ${values}')
    .required('${path} is missing') as StringSchema<T[number]>;
}

/** One word out of a closed list, or null. */
export function oneOfOrNull<const T extends readonly string[]>(words: T): Schema<T[number] | null> {
  return string()
    .nullable()
    .defined()
    .oneOf([...words, null], '${path} must be one of: ${values}') as Schema<T[number] | null>;
}
