import { object, type InferType } from 'yup';
import { count, measure, oneOf } from './fields';
import { ABRASIVE_FAMILIES } from './families';

/** What a person tries on an edge in the lab: a hand, a stone, and how much of it. Angles per side. */
export const experimentSchema = object({
  hold: object({
    /** The angle that it means to hold, on the right. */
    angleDeg: measure(5, 60),
    /** Scatter of its strokes about that, one standard deviation. */
    wobbleDeg: measure(0, 6),
    /** How much steeper the other hand holds, on the left; below zero it is flatter. */
    leftSteeperDeg: measure(-6, 6),
    /** How much steeper the return strokes come out: every second stroke of a side. */
    backSteeperDeg: measure(-6, 6),
  }).noUnknown(),
  forceN: measure(1, 60),
  strokesPerSide: count(400).min(1),
  stone: object({ family: oneOf(ABRASIVE_FAMILIES), sizeUm: measure(0.5, 500) }).noUnknown(),
  strokeLengthMm: measure(10, 300),
}).noUnknown();

export type Experiment = InferType<typeof experimentSchema>;
export type HandHold = Experiment['hold'];
export type LabStone = Experiment['stone'];
