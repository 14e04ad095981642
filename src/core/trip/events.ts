/** What an edge is brought back from, as a kit has to be ready for it. */
export const TOUCH_UP_EVENTS = ['strop', 'touch-up', 'blunt', 'chip', 'deep chip'] as const;
export type TouchUpEvent = (typeof TOUCH_UP_EVENTS)[number];

/** Up to so many times its target an edge is a strop's turn, and from so many it is blunt (prior). */
const STROP_UP_TO = 1.7;
const BLUNT_FROM = 3.2;
/** From this depth (mm) a chip is a deep one. */
const DEEP_FROM_MM = 0.25;

/** The state that stands for all of its kind: roundness in multiples of the target, and a chip (mm). */
export const EVENT_STATES: Record<TouchUpEvent, { ratio: number; chipMm: number }> = {
  strop: { ratio: 1.5, chipMm: 0 },
  'touch-up': { ratio: 2.4, chipMm: 0 },
  blunt: { ratio: 4.5, chipMm: 0 },
  chip: { ratio: 2.4, chipMm: 0.15 },
  'deep chip': { ratio: 2.4, chipMm: 0.4 },
};

/** Which kind of touch-up an edge in a state is. */
export function touchUpEvent(apexUm: number, chipMm: number, targetUm: number): TouchUpEvent {
  if (chipMm > 0) return chipMm >= DEEP_FROM_MM ? 'deep chip' : 'chip';
  const ratio = apexUm / targetUm;
  if (ratio <= STROP_UP_TO) return 'strop';
  return ratio < BLUNT_FROM ? 'touch-up' : 'blunt';
}

/** How often each kind comes. */
export type EventCounts = Record<TouchUpEvent, number>;

export function noEvents(): EventCounts {
  return { strop: 0, 'touch-up': 0, blunt: 0, chip: 0, 'deep chip': 0 };
}
