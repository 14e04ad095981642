import { PRACTICE, prior, type Prior } from './prior';

/** Scratches, faces and new angles. */
export const GRINDING = {
  scratchShare: prior(
    0.09,
    'share',
    'depth of a stone’s scratches as a share of its particle size',
    PRACTICE,
  ),
  longJump: prior(
    6,
    'times',
    'a jump in µm beyond this asks too much of the finer stone',
    PRACTICE,
  ),
  shortJump: prior(1.5, 'times', 'a jump in µm below this could be skipped', PRACTICE),
  finishWithin: prior(
    1.5,
    'times',
    'a last stone so much coarser than its work likes still meets it',
    PRACTICE,
  ),
  fieldFinishShare: prior(
    2,
    'factor',
    'out on the trail a finish twice as coarse is good enough',
    PRACTICE,
  ),
  toothyFromUm: prior(20, 'µm', 'a last stone as coarse as this leaves teeth that bite', PRACTICE),
  polishedToUm: prior(
    6,
    'µm',
    'a last stone as fine as this leaves a polish that pushes',
    PRACTICE,
  ),
  benchMinutes: prior(
    30,
    'min',
    'a step that takes longer is a sign that something is wrong, or a job for the bench',
    PRACTICE,
  ),
  longestGrindMinutes: prior(
    120,
    'min',
    'a new angle that takes longer waits for a coarser stone, where one would do it in half the time',
    PRACTICE,
  ),
  longestJobMinutes: prior(
    600,
    'min',
    'longer than this nobody grinds by hand: it is work for a smith',
    PRACTICE,
  ),
  chipHalfMm: prior(30, 'mm', 'half of the length that is worked around one chip', PRACTICE),
  bandAboveDeg: prior(
    3,
    '°',
    'damage is ground out in a narrow band by holding so much above the edge’s own angle',
    PRACTICE,
  ),
  newAngleShare: prior(
    0.6,
    'share',
    'a narrow band over more of a bevel than this is a new angle',
    PRACTICE,
  ),
  leastLeftShare: prior(
    0.5,
    'share',
    'one thinning leaves this share of a face at least: a further one can follow',
    PRACTICE,
  ),
  apexAfterGrinding: prior(
    2,
    'targets',
    'the apex is set again after grinding as if it were at least this many targets round',
    PRACTICE,
  ),
  microFaceMm: prior(0.3, 'mm', 'how wide a new micro-bevel is', PRACTICE),
  smoothedShare: prior(
    0.25,
    'share',
    'of the depth of the marks on an arc goes when it is smoothed: what is left of them does no work',
    PRACTICE,
  ),
  cheekMarksMm: prior(6, 'mm', 'so far onto the cheek a file on an arc leaves its marks', PRACTICE),
  spineStretchMm: prior(60, 'mm', 'the stretch of spine that is kept as a scraper', PRACTICE),
  tipRiseShare: prior(
    0.5,
    'share',
    'the tip stands this share of the blade’s width above the straight edge',
    PRACTICE,
  ),
  narrowMm: prior(
    12,
    'mm',
    'a surface no wider than this lies in a hollow edge like a rod',
    PRACTICE,
  ),
} as const satisfies Record<string, Prior>;
