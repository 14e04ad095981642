import { ROOM_TO_DULL } from '../domain/tasks';

/** One constant of the model that is a starting guess, or a choice that was tried. */
export interface Prior {
  value: number;
  unit: string;
  /** What it is. */
  what: string;
  /** Where it comes from: practice, a published measure, or a trial of this model. */
  source: string;
}

const prior = (value: number, unit: string, what: string, source: string): Prior => ({
  value,
  unit,
  what,
  source,
});

const PRACTICE = 'practice';
const TRIAL = 'tried on simulated lives';

/** Every constant of the model that a log may correct or a person may doubt, once. */
export const PRIORS = {
  // What a phone measures.
  tiltSensorDeg: prior(
    0.2,
    '°',
    'what the level of a phone is off by once it is zeroed',
    'no phone has been recorded yet',
  ),

  tapPx: prior(2, 'px of the photo', 'what a tap on a photo is off by at the least', PRACTICE),
  pointerPx: prior(1.5, 'px of the screen', 'what a tap by mouse or pen is off by', PRACTICE),
  fingerPx: prior(4, 'px of the screen', 'what a tap by a finger is off by', PRACTICE),
  loupePx: prior(2, 'px of the loupe', 'what a point set under the loupe is off by', PRACTICE),
  rimSeenMm: prior(0.2, 'mm', 'what a coin’s rim as a photo shows it is off by, across', PRACTICE),
  glintLeast: prior(25, 'of 255', 'what a glint on a photo is brighter by', PRACTICE),
  photoDistanceMm: prior(300, 'mm', 'how far off a phone is held for a photo', PRACTICE),
  wobbleSdLn: prior(0.4, 'sd of ln', 'the wobble of one hand over the usual one', PRACTICE),
  wobbleSetSdLn: prior(
    0.2,
    'sd of ln',
    'the wobble of a day around its hand’s, however long the set',
    PRACTICE,
  ),

  holdDaySdDeg: prior(0.4, '°', 'a hand’s mean hold, from day to day', PRACTICE),
  wobbleOnBevelShare: prior(
    0.5,
    'exponent',
    'of a hand’s own wobble (ln) when it rests on the bevel',
    PRACTICE,
  ),
  heldNotableDeg: prior(0.5, '°', 'a lean of the hand that is worth a word', PRACTICE),
  lathPaceSdLn: prior(0.5, 'sd of ln', 'pace on a stone over a lath', PRACTICE),

  // What the log teaches.
  familySdLn: prior(0.7, 'sd of ln', 'strokes of a family over the model’s', PRACTICE),
  thingSdLn: prior(0.35, 'sd of ln', 'strokes of a thing over its family’s', PRACTICE),
  thingFloorSdLn: prior(
    0.1,
    'sd of ln',
    'what stays open of a thing however often it is used',
    TRIAL,
  ),
  personSdLn: prior(0.5, 'sd of ln', 'strokes of one person over everybody’s', PRACTICE),
  toolSdLn: prior(
    0.2,
    'sd of ln',
    'what a tool’s measures are off by in all its steps alike',
    TRIAL,
  ),
  stepSdLn: prior(0.4, 'sd of ln', 'strokes of one step around its thing’s', PRACTICE),
  strokesPower: prior(
    2,
    '',
    'strokes that restore an apex go as its radius to this power',
    'the volumes of this model',
  ),
  signSdLn: prior(0.15, 'sd of ln', 'strokes at which a sign of being done is seen', TRIAL),
  testYesSdLn: prior(0.29, 'sd of ln', 'radius at which a test is just passed', TRIAL),
  paceSdLn: prior(0.3, 'sd of ln', 'strokes a minute of a hand over its settings', PRACTICE),
  paceStepSdLn: prior(0.2, 'sd of ln', 'strokes a minute in one step around the hand’s', PRACTICE),
  dullingSdLn: prior(0.7, 'sd of ln', 'dulling of a tool over the model’s', PRACTICE),
  dullingTaskSdLn: prior(0.35, 'sd of ln', 'dulling at a task over its tool’s', PRACTICE),
  daySdLn: prior(0.3, 'sd of ln', 'dulling of a day around its tool’s', PRACTICE),
  hoursSdLn: prior(0.25, 'sd of ln', 'hours worked around those that were noted', PRACTICE),
  testSdLn: prior(0.35, 'sd of ln', 'radius behind one test', PRACTICE),

  // What a trip is simulated with, beside those of dulling.
  effortSdLn: prior(0.5, 'sd of ln', 'minutes of one touch-up out there around its plan', PRACTICE),
  chipMedianMm: prior(0.15, 'mm', 'depth of a chip, in the middle', PRACTICE),
  // What is not known of a tool that was only named.
  unmeasuredAngleSdDeg: prior(
    3,
    '° per side',
    'angle of an edge around what is usual of its kind',
    PRACTICE,
  ),
  unmeasuredLengthSdLn: prior(
    0.15,
    'sd of ln',
    'length of an edge around what is usual of its kind',
    PRACTICE,
  ),
  unseenChipShare: prior(
    0.5,
    '',
    'edges with a chip, of those that nobody has looked along',
    PRACTICE,
  ),
  unseenChipMm: prior(0.3, 'mm', 'the deepest chip of such an edge, in the middle', PRACTICE),
  leastMinutes: prior(
    1,
    'min',
    'the least that an edge takes, ready or not: to look at it',
    PRACTICE,
  ),
  chipSdLn: prior(0.8, 'sd of ln', 'depth of chips', PRACTICE),
  needOverTarget: prior(
    ROOM_TO_DULL,
    'targets',
    'work goes on until an edge is at least so many times as round as its target',
    PRACTICE,
  ),
  dullingReferenceHv: prior(653, 'HV', 'hardness that rates of dulling are told for', PRACTICE),
  chipReferenceDeg: prior(20, '°', 'angle per side that rates of chips are told for', PRACTICE),
  chipReferenceHrc: prior(58, 'HRC', 'hardness that rates of chips are told for', PRACTICE),
  chipFoldHrc: prior(6, 'HRC', 'so much harder, and chips come e times as often', PRACTICE),
  deepChipFromMm: prior(0.25, 'mm', 'a chip from this depth on is a deep one', PRACTICE),
  deepChipMm: prior(0.4, 'mm', 'a deep chip is planned for as one of this depth', PRACTICE),

  // Grinding, stropping, holding, planning.
  driftLimitMm: prior(
    0.03,
    'mm',
    'a bevel that lags behind its apex by more is due to be ground flat',
    PRACTICE,
  ),
  honedKeenShare: prior(
    0.8,
    'share',
    'apex radius under an edge of unknown history, as a share of its target',
    PRACTICE,
  ),
  steelStrokes: prior(
    5,
    'strokes a side',
    'strokes a side on a smooth steel that lay a turned edge straight',
    PRACTICE,
  ),
  ceramicStrokes: prior(20, 'strokes a side', 'the same on a ceramic rod', PRACTICE),
  honeForceN: prior(3, 'N', 'little more than the tool’s own weight', PRACTICE),
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
  spineStretchMm: prior(60, 'mm', 'the stretch of spine that is kept as a scraper', PRACTICE),
  steeperPerWobble: prior(
    1.6,
    'share',
    'a wobbling hand leaves the apex steeper by this share of its wobble, per side',
    PRACTICE,
  ),
  longestJobMinutes: prior(
    600,
    'min',
    'longer than this nobody grinds by hand: it is work for a smith',
    PRACTICE,
  ),
  longestGrindMinutes: prior(
    120,
    'min',
    'a new angle that takes longer waits for a coarser stone, where one would do it in half the time',
    PRACTICE,
  ),
  smoothedShare: prior(
    0.25,
    'share',
    'of the depth of the marks on an arc goes when it is smoothed: what is left of them does no work',
    PRACTICE,
  ),
  cheekMarksMm: prior(6, 'mm', 'so far onto the cheek a file on an arc leaves its marks', PRACTICE),
  changeoverMinutes: prior(0.5, 'min', 'to put one thing down and start with the next', PRACTICE),
  wideningLimitShare: prior(
    1.5,
    'share',
    'where no limit is set, a face half as wide again as it was measured needs thinning',
    PRACTICE,
  ),
  microFaceMm: prior(0.3, 'mm', 'how wide a new micro-bevel is', PRACTICE),
  blendedDeg: prior(
    1,
    '°',
    'a step of less than this lies within the hand’s wobble: blended',
    PRACTICE,
  ),
  tipRiseShare: prior(
    0.5,
    'share',
    'the tip stands this share of the blade’s width above the straight edge',
    PRACTICE,
  ),
  dayWornRatio: prior(
    3,
    'targets',
    'a day’s work dulls an edge to this many times the radius it is asked for',
    PRACTICE,
  ),
  unservedMinutes: prior(
    180,
    'min',
    'what a need that the kit cannot serve costs, each time that it comes',
    PRACTICE,
  ),
  gramsPerMinute: prior(1, 'g/min', 'grams that a minute of touching up is worth', PRACTICE),
  beltLengthMm: prior(200, 'mm', 'longest thing that hangs on a belt', PRACTICE),
  beltThingG: prior(120, 'g', 'heaviest thing that hangs on a belt', PRACTICE),
  beltMostG: prior(250, 'g', 'what hangs on a belt in all', PRACTICE),
  poresShare: prior(
    0.2,
    'share',
    'share of a water stone’s volume that is pores to be filled',
    PRACTICE,
  ),
  stoneThicknessMm: prior(20, 'mm', 'thickness of a stone that nobody measured', PRACTICE),
  recessionMm: prior(0.004, 'mm', 'recession of a touch-up where the log shows none yet', PRACTICE),
  keenShare: prior(
    0.6,
    'share',
    'apex radius under an edge of unknown history, as a share of its target',
    PRACTICE,
  ),
  closingDecays: prior(
    1.4,
    'decays',
    'a closing strop takes so many times the burr’s decay, and never more than the best count',
    PRACTICE,
  ),
  shearingTimes: prior(
    2.25,
    'times',
    'a burr is sheared off at so many times the angle of the face, up to 60°',
    PRACTICE,
  ),
  inkTurnDeg: prior(
    1,
    '°',
    'ink that is off its place asks for so large a turn of the hold',
    PRACTICE,
  ),
  overEdgeMm: prior(8, 'mm', 'so much of a stone in the hand stands over the edge', PRACTICE),
  shearingStrokes: prior(
    10,
    'strokes',
    'feather-light strokes at a high angle, over both sides',
    PRACTICE,
  ),
  carriedBurr: prior(
    1.15,
    'factor',
    'a burr taken off once, at the end, leaves a little more of itself',
    PRACTICE,
  ),
  narrowMm: prior(
    12,
    'mm',
    'a surface no wider than this lies in a hollow edge like a rod',
    PRACTICE,
  ),
  bareStropUm: prior(
    0.5,
    'µm',
    'what a bare strop does counts as particles of this size',
    PRACTICE,
  ),
  fieldFinishShare: prior(
    2,
    'factor',
    'out on the trail a finish twice as coarse is good enough',
    PRACTICE,
  ),
  sectionOverlapShare: prior(
    0.1,
    'share',
    'how far a section reaches over into its neighbour, as a share of it',
    PRACTICE,
  ),
  chipHalfMm: prior(30, 'mm', 'half of the length that is worked around one chip', PRACTICE),
  chipLeftMm: prior(
    0.1,
    'mm',
    'up to this depth a chopping tool’s chips are left for later touch-ups to wear out',
    PRACTICE,
  ),
  splashMl: prior(3, 'ml', 'a splash of water on a stone', PRACTICE),
  awayMinutes: prior(
    10,
    'min',
    'damage that takes longer waits for the bench, where one is away from it',
    PRACTICE,
  ),
  newAngleShare: prior(
    0.6,
    'share',
    'a narrow band over more of a bevel than this is a new angle',
    PRACTICE,
  ),
  usualMicroLimitMm: prior(
    0.9,
    'mm',
    'a micro-bevel wider than this has thickened, where no limit is set',
    PRACTICE,
  ),
  finishWithin: prior(
    1.5,
    'times',
    'a last stone so much coarser than its work likes still meets it',
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
  benchMinutes: prior(
    30,
    'min',
    'a step that takes longer is a sign that something is wrong, or a job for the bench',
    PRACTICE,
  ),
  longJump: prior(
    6,
    'times',
    'a jump in µm beyond this asks too much of the finer stone',
    PRACTICE,
  ),
  shortJump: prior(1.5, 'times', 'a jump in µm below this could be skipped', PRACTICE),
  notableHollowDeg: prior(
    0.5,
    '°',
    'a hollow stone that changes the angle by more is worth a word',
    PRACTICE,
  ),
  stropUpTo: prior(
    1.7,
    'targets',
    'up to so many times its target an edge is a strop’s turn, and from so many it is blunt',
    PRACTICE,
  ),
  bluntFrom: prior(3.2, 'targets', 'blunt from', PRACTICE),
  bandAboveDeg: prior(
    3,
    '°',
    'damage is ground out in a narrow band by holding so much above the edge’s own angle',
    PRACTICE,
  ),
  scratchShare: prior(
    0.09,
    'share',
    'depth of a stone’s scratches as a share of its particle size',
    PRACTICE,
  ),
  stropForceN: prior(4, 'N', 'strop force n', PRACTICE),
  heavyForceN: prior(
    15,
    'N',
    'on damage, thinning and flattening, from this particle size on',
    PRACTICE,
  ),
  heavyFromUm: prior(20, 'µm', 'heavy from um', PRACTICE),
  bracedForceN: prior(
    12,
    'N',
    'anything held in the hand on a braced axe, hatchet or tomahawk',
    PRACTICE,
  ),
  inHandForceN: prior(
    4,
    'N',
    'a stone or rod in one hand and a knife in the other, whatever its length and family',
    PRACTICE,
  ),
  closingStrokes: prior(
    10,
    'strokes a side',
    'light strokes that close a heavy step where no finer one follows',
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
  longestStrokeMm: prior(150, 'mm', 'longest comfortable stroke of the arm', PRACTICE),
  sectionMm: prior(120, 'mm', 'an edge longer than this is worked in sections', PRACTICE),
  byFeelSdLn: prior(
    0.7,
    'sd of ln',
    'spread of ln(actual/predicted) of a session whose minutes alone are known',
    PRACTICE,
  ),
  dullingAsBurrShare: prior(
    0.9,
    'share',
    'share of an edge’s dulling that is burr and ragged foil; the rest is rounding',
    PRACTICE,
  ),
  stropNearEnough: prior(
    1.02,
    'factor',
    'where the curve has no minimum, the count that comes so near to its end',
    PRACTICE,
  ),
  toothyFromUm: prior(
    20,
    'µm',
    'a last stone as coarse as this leaves teeth that bite; one as fine as this a polish that pushes',
    PRACTICE,
  ),
  polishedToUm: prior(6, 'µm', 'polished to um', PRACTICE),
  keenUpTo: prior(
    1.25,
    'targets',
    'apex radius over target up to which an edge is keen for its work: a test is no finer',
    PRACTICE,
  ),
  worksUpTo: prior(
    2.2,
    'targets',
    'apex radius over target up to which an edge still works; beyond it is tired',
    PRACTICE,
  ),
} as const satisfies Record<string, Prior>;
