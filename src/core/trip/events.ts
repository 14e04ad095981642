import { PRIORS } from '../priors';

/** What an edge is brought back from, as a kit has to be ready for it. */
export const TOUCH_UP_EVENTS = ['strop', 'touch-up', 'blunt', 'chip', 'deep chip'] as const;
export type TouchUpEvent = (typeof TOUCH_UP_EVENTS)[number];

/** The state that stands for all of its kind: roundness in multiples of the target, and a chip (mm). */
export const EVENT_STATES: Record<TouchUpEvent, { ratio: number; chipMm: number }> = {
  strop: { ratio: 1.5, chipMm: 0 },
  'touch-up': { ratio: 2.4, chipMm: 0 },
  blunt: { ratio: 4.5, chipMm: 0 },
  chip: { ratio: 2.4, chipMm: PRIORS.chipMedianMm.value },
  'deep chip': { ratio: 2.4, chipMm: PRIORS.deepChipMm.value },
};

/** Which kind of touch-up an edge in a state is. */
export function touchUpEvent(apexUm: number, chipMm: number, targetUm: number): TouchUpEvent {
  if (chipMm > 0) return chipMm >= PRIORS.deepChipFromMm.value ? 'deep chip' : 'chip';
  const ratio = apexUm / targetUm;
  if (ratio <= PRIORS.stropUpTo.value) return 'strop';
  return ratio < PRIORS.bluntFrom.value ? 'touch-up' : 'blunt';
}

/** How often each kind comes. */
export type EventCounts = Record<TouchUpEvent, number>;

export function noEvents(): EventCounts {
  return { strop: 0, 'touch-up': 0, blunt: 0, chip: 0, 'deep chip': 0 };
}
