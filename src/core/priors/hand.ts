import { PRACTICE, prior, type Prior } from './prior';

/** What the hand does on a stone: force, strokes, sections. */
export const HAND = {
  stropForceN: prior(4, 'N', 'anything on a strop', PRACTICE),
  honeForceN: prior(3, 'N', 'little more than the tool’s own weight', PRACTICE),
  inHandForceN: prior(
    4,
    'N',
    'a stone or rod in one hand and a knife in the other, whatever its length and family',
    PRACTICE,
  ),
  bracedForceN: prior(
    12,
    'N',
    'anything held in the hand on a braced axe, hatchet or tomahawk',
    PRACTICE,
  ),
  heavyForceN: prior(15, 'N', 'on damage, thinning and flattening, by a coarse stone', PRACTICE),
  heavyFromUm: prior(20, 'µm', 'from this particle size on a stone is pressed hard', PRACTICE),
  longestStrokeMm: prior(150, 'mm', 'longest comfortable stroke of the arm', PRACTICE),
  sectionMm: prior(120, 'mm', 'an edge longer than this is worked in sections', PRACTICE),
  sectionOverlapShare: prior(
    0.1,
    'share',
    'how far a section reaches over into its neighbour, as a share of it',
    PRACTICE,
  ),
  passStepMm: prior(
    7,
    'mm',
    'so far a stone moves on between two circles of a pass from heel to toe',
    PRACTICE,
  ),
  circlePathMm: prior(
    95,
    'mm',
    'path of one small circle on an axe bit: about 30 mm across',
    PRACTICE,
  ),
  closingStrokes: prior(
    10,
    'strokes a side',
    'light strokes that close a heavy step where no finer one follows',
    PRACTICE,
  ),
  changeoverMinutes: prior(0.5, 'min', 'to put one thing down and start with the next', PRACTICE),
  overEdgeMm: prior(8, 'mm', 'so much of a stone in the hand stands over the edge', PRACTICE),
  inkTurnDeg: prior(
    1,
    '°',
    'ink that is off its place asks for so large a turn of the hold',
    PRACTICE,
  ),
  steeperPerWobble: prior(
    1.6,
    'share',
    'a wobbling hand leaves the apex steeper by this share of its wobble, per side',
    PRACTICE,
  ),
  blendedDeg: prior(
    1,
    '°',
    'a step of less than this lies within the hand’s wobble: blended',
    PRACTICE,
  ),
  notableHollowDeg: prior(
    0.5,
    '°',
    'a hollow stone that changes the angle by more is worth a word',
    PRACTICE,
  ),
} as const satisfies Record<string, Prior>;
