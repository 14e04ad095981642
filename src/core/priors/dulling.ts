import { ROOM_TO_DULL } from '../../domain/tasks';
import { PRACTICE, prior, type Prior } from './prior';

/** What work does to an edge, and from where on it wants a strop, a stone or a smith. */
export const DULLING = {
  needOverTarget: prior(
    ROOM_TO_DULL,
    'targets',
    'work goes on until an edge is at least so many times as round as its target',
    PRACTICE,
  ),
  keenUpTo: prior(
    1.25,
    'targets',
    'apex radius over target up to which an edge is keen for its work: a test is no finer',
    PRACTICE,
  ),
  stropUpTo: prior(
    1.7,
    'targets',
    'up to so many times its target an edge is a strop’s turn',
    PRACTICE,
  ),
  worksUpTo: prior(
    2.2,
    'targets',
    'apex radius over target up to which an edge still works; beyond it is tired',
    PRACTICE,
  ),
  bluntFrom: prior(
    3.2,
    'targets',
    'from so many times its target on an edge is blunt: a stone’s work',
    PRACTICE,
  ),
  dayWornRatio: prior(
    3,
    'targets',
    'a day’s work dulls an edge to this many times the radius it is asked for',
    PRACTICE,
  ),
  dullingReferenceHv: prior(653, 'HV', 'hardness that rates of dulling are told for', PRACTICE),
  dullingAsBurrShare: prior(
    0.9,
    'share',
    'share of an edge’s dulling that is burr and ragged foil; the rest is rounding',
    PRACTICE,
  ),
  chipMedianMm: prior(0.15, 'mm', 'depth of a chip, in the middle', PRACTICE),
  chipSdLn: prior(0.8, 'sd of ln', 'depth of chips', PRACTICE),
  chipReferenceDeg: prior(20, '°', 'angle per side that rates of chips are told for', PRACTICE),
  chipReferenceHrc: prior(58, 'HRC', 'hardness that rates of chips are told for', PRACTICE),
  chipFoldHrc: prior(6, 'HRC', 'so much harder, and chips come e times as often', PRACTICE),
  deepChipFromMm: prior(0.25, 'mm', 'a chip from this depth on is a deep one', PRACTICE),
  deepChipMm: prior(0.4, 'mm', 'a deep chip is planned for as one of this depth', PRACTICE),
  chipLeftMm: prior(
    0.1,
    'mm',
    'up to this depth a chopping tool’s chips are left for later touch-ups to wear out',
    PRACTICE,
  ),
  awayMinutes: prior(
    10,
    'min',
    'damage that takes longer waits for the bench, where one is away from it',
    PRACTICE,
  ),
  driftLimitMm: prior(
    0.03,
    'mm',
    'a bevel that lags behind its apex by more is due to be ground flat',
    PRACTICE,
  ),
} as const satisfies Record<string, Prior>;
