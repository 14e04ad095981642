/** Front door of the core: what a screen, a worker or a file may ask of the model, and no more. */

// Of these, all that they have is asked for.
export * from './answers';
export * from './care';
export * from './kit';
export * from './lab';
export * from './measure';
export * from './schools';
export * from './touchUp';

// Of these the rest stays among themselves.
export {
  equivalentGrades,
  gradeSizeUm,
  isTradeValue,
  particleSizeUm,
  soakMl,
  stoneClass,
  stoneDensity,
} from './abrasive';
export {
  apexAngle,
  agreement,
  ANGLE_METHOD_RULES,
  angleFromSpineLift,
  bevelAngleFromFaceWidth,
  bevelAngleFromHeight,
  bevelFaceWidthMm,
  dishAngleError,
  facetSchedule,
  findAngle,
  flatAngle,
  microbevel,
  profileThickness,
  sectionProfile,
  spineLift,
  thickening,
  tipReach,
  wedgeHeight,
  zoneFromCalliper,
  reshapedZone,
} from './edge';
export type {
  AngleMethodId,
  AngleMethodRule,
  CoinStack,
  EdgeAim,
  Reshaped,
  FoundAngle,
  MeasuredTool,
  NearCoins,
  ProfilePoint,
  Thickening,
} from './edge';
export { DEFAULT_PACE, forceInWords, workingSteel } from './wear';
export {
  CHANGEOVER_MINUTES,
  edgeSections,
  edgeTarget,
  ladderChanges,
  openHeldWays,
  stropOutlooks,
  mapShelf,
  oneChip,
  leftUnticked,
  NO_WISHES,
  otherFaceId,
  abrasivesAtHand,
  shelfAt,
  shelfOfTrip,
  findLadder,
  shelfAbrasives,
  shelfThings,
  toolForm,
  whyUnfit,
  uncomputable,
  workingFace,
} from './ladder';
export type {
  Hand,
  HelpfulStone,
  LadderAbrasive,
  LadderChange,
  Ladder,
  LadderStep,
  LadderStone,
  OwnLadder,
  Shelf,
  StropOutlook,
  StepNote,
  UnfitReason,
  WorkingFace,
} from './ladder';
export {
  ARC_FACETS,
  bevelDrift,
  faceLimitMm,
  leftZone,
  raisingsLeft,
  RAISINGS_PER_FILING,
  SPINE_WORKS,
  spineStretch,
  spineWorkDue,
  withArcPasses,
  zoneLeft,
} from './jobs';
export type { BevelDrift, EdgeJob, JobPlan, LeftDamage, SpineWork } from './jobs';
export {
  byUsualTester,
  FINISH_NAMES,
  finishName,
  gramsFromApex,
  KEEN_UP_TO,
  passedTest,
  TEST_CENTRE_UM,
  analyseStropSeries,
  stropGrams,
  gramsAt,
  USUAL_TESTER,
  seenApex,
  worstStretch,
} from './sharpness';
export type { ApexEstimate, FinishName, StropReading, StropSeries, TesterScale } from './sharpness';
export {
  adviseAngle,
  asksForWork,
  promisedOnLeaving,
  byUrgency,
  benchAt,
  bluntestWord,
  damageChoices,
  damageToMend,
  diagnose,
  edgeJobOf,
  edgeNeeds,
  edgeWord,
  judgeEdge,
  ownLadderProblem,
  checksOf,
  stopReasons,
  planJob,
  RUNGS,
  standings,
  steelLeft,
  whatIf,
  SYMPTOM_IDS,
  zoneNow,
  triage,
  zoneStates,
} from './inspection';
export type {
  AngleAdvice,
  AngleReason,
  Bench,
  DamageChoice,
  Diagnosis,
  EdgeNeed,
  EdgeVerdict,
  EdgeWord,
  OtherWay,
  RungReason,
  Standings,
  StopReason,
  SymptomId,
  VerdictReason,
  ZoneState,
} from './inspection';
export {
  contactOf,
  edgeHold,
  handLeans,
  heldStep,
  inkAnswer,
  shearingDeg,
  stepHold,
  wantsBurr,
} from './hold';
export type { HandLean, Hold, HoldGuide, InkAnswer } from './hold';
export { PRIORS, type Prior } from './priors';
export { dullingFactor, learn, notable, wobbleDeg } from './evidence';
export type { Endurance, HeldFigure, Learned, LearnedDulling, LearnedHold } from './evidence';
export {
  evidenceOf,
  familyOnShelf,
  FEWEST_PAIRS,
  handOf,
  logByUsualTester,
  STEPS_FOLLOWED,
  strokesSince,
  taughtThings,
  toolEndurance,
} from './log';
export type { SurfaceUse, TaughtThing, TesterLearned } from './log';
export {
  doneOnTrip,
  edgeCosts,
  edgeProblems,
  edgeRuns,
  forecastTrip,
  isUntested,
  needsOut,
  tonightLines,
  maintenancePlan,
  NAMED_FROM,
  TEST_MINUTES,
  heaviestRung,
  RUNGS_OUT,
  setAdvice,
  stoneWaterMl,
  thingsCarried,
  travelling,
  tripForecast,
  tripProblem,
  tripShelf,
  tripWhatIf,
  workSpan,
} from './trip';
export type {
  DoneLine,
  DoneOnTrip,
  EdgeCosts,
  EdgeDay,
  EdgeForecast,
  EdgeRuns,
  HomeLine,
  MaintenancePlan,
  OutDay,
  NeedsOut,
  OutLine,
  TonightLine,
  RefusedStone,
  RungOut,
  SetAdvice,
  Spread,
  TouchUpEvent,
  TripChange,
  TripForecast,
  TripOutcome,
  TripProblem,
} from './trip';
export { defaultSettings } from './defaultSettings';
export { roughPlan, testOfWord, unknownGrainOf } from './rough';
export type { OpenMeasure, RoughPlan, UnknownMeasure } from './rough';
export { Draws } from './random';
export { remembered } from './remembered';
