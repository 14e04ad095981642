import { careSchema } from './care';
import { historySchema } from './history';
import { photoSchema } from './photo';
import { sessionSchema, inspectionSchema } from './session';
import { practiceSchema } from './practice';
import { settingsSchema } from './settings';
import {
  abrasiveSchema,
  compoundSchema,
  helperSchema,
  lubricantSchema,
  stropSchema,
} from './shelf';
import { toolSchema } from './tool';
import { tripSchema } from './trip';
import type { InferType } from 'yup';
import type { StoreName } from './storeNames';

export { RECORDS_VERSION } from './recordsVersion';

/** Every kind of stored record, by the name of its store. */
export const RECORD_SCHEMAS = {
  tools: toolSchema,
  abrasives: abrasiveSchema,
  strops: stropSchema,
  compounds: compoundSchema,
  lubricants: lubricantSchema,
  helpers: helperSchema,
  inspections: inspectionSchema,
  sessions: sessionSchema,
  trips: tripSchema,
  care: careSchema,
  photos: photoSchema,
  settings: settingsSchema,
  history: historySchema,
  practices: practiceSchema,
} as const satisfies Record<StoreName, unknown>;

export type RecordOf<S extends StoreName> = InferType<(typeof RECORD_SCHEMAS)[S]>;

/** All records of one person, removed ones included. */
export type AllRecords = { [S in StoreName]: RecordOf<S>[] };
