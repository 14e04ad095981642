import { object, string, type InferType } from 'yup';
import { identifier, recordFields, text, timestamp } from './fields';

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
}).noUnknown();

export type Photo = InferType<typeof photoSchema>;
