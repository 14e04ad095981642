import { object, string, type InferType } from 'yup';
import { identifier, measure, oneOf, oneOfOrNull, recordFields, text, timestamp } from './fields';

/** Entries of the log that a picture can be kept with. */
const PHOTOGRAPHED_STORES = ['inspections', 'sessions'] as const;

/** Before the work of its entry, or after it. */
export const PHOTO_STAGES = ['before', 'after'] as const;
export type PhotoStage = (typeof PHOTO_STAGES)[number];

/** A point on a picture, px from its upper left corner. */
const pointSchema = object({ x: measure(-8000, 8000), y: measure(-8000, 8000) }).noUnknown();

/** The look or touch-up that a picture is kept with. */
const entrySchema = object({ store: oneOf(PHOTOGRAPHED_STORES), id: identifier() }).noUnknown();

/** What a coin and taps have told of a picture: how large it shows things, and where the edge lies. */
const scaleSchema = object({
  pxPerMm: measure(0.05, 1000),
  heel: pointSchema.nullable().defined(),
  tip: pointSchema.nullable().defined(),
}).noUnknown();

/** A picture of a tool, scaled down, as a JPEG data URL so that it travels in the data file. */
export const photoSchema = object({
  ...recordFields,
  toolId: identifier(),
  takenAt: timestamp(),
  dataUrl: string()
    .matches(/^data:image\/jpeg;base64,[A-Za-z0-9+/=]+$/, '${path} must be a JPEG picture')
    .max(2_000_000)
    .required(),
  caption: text(),
  /** Null where it is of the tool alone. */
  entry: entrySchema.nullable().defined(),
  stage: oneOfOrNull(PHOTO_STAGES),
  /** Null where nothing was measured on it. */
  scale: scaleSchema.nullable().defined(),
}).noUnknown();

export type Photo = InferType<typeof photoSchema>;
export type PhotoEntry = InferType<typeof entrySchema>;
export type PhotoScale = InferType<typeof scaleSchema>;
