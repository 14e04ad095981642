import { object, type InferType } from 'yup';
import {
  identifier,
  measureOrNull,
  oneOf,
  recordFields,
  text,
  timestamp,
  timestampOrNull,
} from './fields';

/** What is done between trips to keep tools and stones in order. */
const CARE_DOINGS = [
  'flatten',
  'scrub',
  'load',
  'wax sheath',
  'oil handle',
  'head and haft',
  'film',
  'dry',
  'sheathe',
  'clean strop',
  'oil leather',
  'next face',
  'restock',
  'look at compound',
  'file spine',
] as const;
export type CareDoing = (typeof CARE_DOINGS)[number];

/** Care that was done, put off, or asked for more or less often than is usual. */
export const careSchema = object({
  ...recordFields,
  /** The tool, or the thing of the shelf. */
  thingId: identifier(),
  doing: oneOf(CARE_DOINGS),
  kind: oneOf(['done', 'put off', 'every']),
  at: timestamp(),
  /** Until when it is put off; null for the rest. */
  until: timestampOrNull(),
  /** Of `every`: so many of what it is counted in, passes, strokes or days; null for the rest. */
  every: measureOrNull(1, 1_000_000),
  /** The reason, or a note. */
  note: text(),
}).noUnknown();

export type Care = InferType<typeof careSchema>;
