import { PRACTICE, prior, type Prior } from './prior';

/** Burr, strop and steel. */
export const BURR = {
  carriedBurr: prior(
    1.15,
    'factor',
    'a burr taken off once, at the end, leaves a little more of itself',
    PRACTICE,
  ),
  shearingTimes: prior(
    2.25,
    'times',
    'a burr is sheared off at so many times the angle of the face, up to 60°',
    PRACTICE,
  ),
  shearingStrokes: prior(
    10,
    'strokes',
    'feather-light strokes at a high angle, over both sides',
    PRACTICE,
  ),
  closingDecays: prior(
    1.4,
    'decays',
    'a closing strop takes so many times the burr’s decay, and never more than the best count',
    PRACTICE,
  ),
  bareStropUm: prior(
    0.5,
    'µm',
    'what a bare strop does counts as particles of this size',
    PRACTICE,
  ),
  stropNearEnough: prior(
    1.02,
    'factor',
    'where the curve has no minimum, the count that comes so near to its end',
    PRACTICE,
  ),
  hardSteelHrc: prior(
    60,
    'HRC',
    'from here on a strop pulled flat comes before a hanging one',
    PRACTICE,
  ),
  upkeepStrokes: prior(
    5,
    'strokes a side',
    'on a strop, to keep an edge that passes its need',
    PRACTICE,
  ),
  steelStrokes: prior(
    5,
    'strokes a side',
    'strokes a side on a smooth steel that lay a turned edge straight',
    PRACTICE,
  ),
  ceramicStrokes: prior(20, 'strokes a side', 'the same on a ceramic rod', PRACTICE),
} as const satisfies Record<string, Prior>;
