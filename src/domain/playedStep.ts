import { object, type InferType } from 'yup';
import { ABRASIVE_FAMILIES } from './families';
import { count, measure, name, oneOf } from './fields';

/** A side of one step is not worked longer than this by hand. */
const MOST_STROKES = 20_000;

/** Strokes that were planned, or made, with one stone: so much of a step as its strokes can be played by. */
export const playedStepSchema = object({
  name: name(),
  family: oneOf(ABRASIVE_FAMILIES),
  sizeUm: measure(0.5, 2000),
  /** Per side. */
  angleDeg: measure(5, 60),
  forceN: measure(0.1, 100),
  strokeLengthMm: measure(5, 400),
  /** How much of the edge the strokes are shared over. */
  workedMm: measure(1, 1000),
  left: count(MOST_STROKES),
  right: count(MOST_STROKES),
  /** Apex radius that the stone leaves. */
  finishUm: measure(0.05, 50),
}).noUnknown();

export type PlayedStep = InferType<typeof playedStepSchema>;
