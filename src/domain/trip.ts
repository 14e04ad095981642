import { array, object, string, type InferType } from 'yup';
import { count, dayOnly, measure, name, recordFields, text } from './fields';

/** A trip and the tools that travel on it. */
export const tripSchema = object({
  ...recordFields,
  name: name(),
  startsOn: dayOnly(),
  days: count(365).min(1),
  toolIds: array(string().max(64).required()).max(100).required(),
  /** Longest touch-up that is acceptable out there. */
  minutesPerTouchUp: measure(1, 240),
  /** Depth of chip that the kit must be able to repair; 0 for none. */
  chipDepthMm: measure(0, 2),
  notes: text(),
}).noUnknown();

export type Trip = InferType<typeof tripSchema>;
