import { array, mixed, object, string, type InferType } from 'yup';
import { CHANGE_CAUSES, TRACED_STORES } from './traced';
import { identifier, identifierOrNull, name, oneOf, recordFields, timestamp } from './fields';

/** One field before and after; what is not there has no value. */
const fieldChangeSchema = object({
  path: array(string().max(200).required()).min(1).max(12).required(),
  from: mixed().nullable(),
  to: mixed().nullable(),
}).noUnknown();

/** What one act, or a few in a row, changed of one record. */
export const historySchema = object({
  ...recordFields,
  store: oneOf(TRACED_STORES),
  recordId: identifier(),
  at: timestamp(),
  /** Whose hand it was; null where nobody said. */
  person: name().nullable().defined(),
  cause: oneOf(CHANGE_CAUSES),
  /** The touch-up that did it; null for the rest. */
  sessionId: identifierOrNull(),
  /** In the order in which they were made. */
  changes: array(fieldChangeSchema.required()).max(4000).required(),
}).noUnknown();

export type HistoryEntry = InferType<typeof historySchema>;
