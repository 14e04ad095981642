import { array, mixed, object, type Schema } from 'yup';

/** The parts of older records that upgrades rely on; everything else is checked in its last shape. */

type Loose = Record<string, unknown>;

/** Anything of a record, as long as it is one. */
const someObject = () =>
  mixed<Loose>(isObject)
    .typeError('${path} must be a record of fields')
    .required('${path} is missing');

/** A list of records of fields. */
export const someObjects = () => array(someObject()).required('${path} is missing');

/** A record with these fields in it, among others. */
export const recordWith = (fields: Record<string, Schema>) => object(fields).required();

function isObject(value: unknown): value is Loose {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
