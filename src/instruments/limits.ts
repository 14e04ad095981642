/** What an instrument measures: grams to part a test filament, or the weight of a thing. */
export const INSTRUMENT_KINDS = ['edge-tester', 'pocket-scale'] as const;
export type InstrumentKind = (typeof INSTRUMENT_KINDS)[number];

/** What readings of each kind may be (g). */
export const LIMITS_G: Record<InstrumentKind, readonly [least: number, most: number]> = {
  'edge-tester': [1, 2000],
  'pocket-scale': [0, 10_000],
};
