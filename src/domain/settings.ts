import { array, object, string, type InferType } from 'yup';
import { measure, name, oneOf, recordFields, timestamp, timestampOrNull } from './fields';

/** The person's own habits and things; one record, with the id `settings`. */
export const settingsSchema = object({
  ...recordFields,
  /** What lengths, masses and forces are shown and entered in; records are metric always. */
  units: oneOf(['metric', 'imperial']),
  /** Whose hand works with this device; null where nobody says. */
  person: name().nullable().defined(),
  coinThicknessMm: measure(0.5, 5),
  strokesPerMinute: object({
    sweeps: measure(5, 300),
    'back-and-forth': measure(5, 400),
    circles: measure(5, 400),
  })
    .noUnknown()
    .required(),
  /** What the log is no longer to teach: of one thing on the shelf, of `pace`, or of `all`, up to a moment. */
  forgotten: array(
    object({ what: string().min(1).max(200).required(), at: timestamp() })
      .noUnknown()
      .required(),
  )
    .max(500)
    .required(),
  /** When the sample data were loaded; null for the person's own rack. */
  demoLoadedAt: timestampOrNull(),
}).noUnknown();

export type Settings = InferType<typeof settingsSchema>;
