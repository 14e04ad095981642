import { PRACTICE, prior, type Prior } from './prior';

/** What a kit weighs, and what it is worth. */
export const CARRYING = {
  gramsPerMinute: prior(1, 'g/min', 'grams that a minute of touching up is worth', PRACTICE),
  unservedMinutes: prior(
    180,
    'min',
    'what a need that the kit cannot serve costs, each time that it comes',
    PRACTICE,
  ),
  beltLengthMm: prior(200, 'mm', 'longest thing that hangs on a belt', PRACTICE),
  beltThingG: prior(120, 'g', 'heaviest thing that hangs on a belt', PRACTICE),
  beltMostG: prior(250, 'g', 'what hangs on a belt in all', PRACTICE),
  poresShare: prior(
    0.2,
    'share',
    'share of a water stone’s volume that is pores to be filled',
    PRACTICE,
  ),
  splashMl: prior(3, 'ml', 'a splash of water on a stone', PRACTICE),
} as const satisfies Record<string, Prior>;
