/** Front door of the core: what a screen, a worker or a file may ask of the model, and no more. */
export {
  equivalentGrades,
  gradeSizeUm,
  isTradeValue,
  particleSizeUm,
  soakMl,
  stoneDensity,
} from './abrasive';
export {
  agreement,
  ANGLE_METHOD_RULES,
  angleFromSpineLift,
  bevelAngleFromFaceWidth,
  bevelAngleFromHeight,
  bevelFaceWidthMm,
  bevelGrowth,
  coinStack,
  convexArc,
  dishAngleError,
  facetSchedule,
  findAngle,
  flatAngle,
  holdGuide,
  microbevel,
  profileThickness,
  puckRearLift,
  sectionProfile,
  spineLift,
  steelBudget,
  thickening,
  thicknessBehindEdge,
  tipReach,
  wedgeHeight,
} from './edge';
export type {
  AngleMethodRule,
  EdgeAim,
  FoundAngle,
  HoldGuide,
  MeasuredTool,
  ProfilePoint,
  Thickening,
} from './edge';
export {
  DEFAULT_PACE,
  forceInWords,
  specificWearRate,
  strokesFor,
  workedBand,
  workingSteel,
} from './wear';
export {
  edgeTarget,
  ladderChanges,
  NO_WISHES,
  otherFaceId,
  planLadder,
  shelfAbrasives,
  toolForm,
  whyUnfit,
  workingFace,
} from './ladder';
export type {
  Hand,
  LadderAbrasive,
  LadderChange,
  LadderPlan,
  LadderStep,
  LadderStone,
  OwnLadder,
  Shelf,
  StepNote,
  UnfitReason,
  WorkingFace,
} from './ladder';
export { bevelDrift, raisingsLeft, SPINE_WORKS, spineWorkDue } from './jobs';
export type { BevelDrift, EdgeJob, JobPlan, SpineWork } from './jobs';
export {
  apexFromGrams,
  estimateApex,
  gramsFromApex,
  passedTest,
  TEST_CENTRE_UM,
  analyseStropSeries,
  gramsOf,
  readingNoiseG,
  stropGrams,
} from './sharpness';
export type { StropReading, StropSeries } from './sharpness';
export {
  adviseAngle,
  benchAt,
  bluntestWord,
  damageChoices,
  damageToMend,
  damageWayOf,
  diagnose,
  edgeJobOf,
  edgeNeeds,
  edgeWord,
  familyOnShelf,
  handOf,
  judgeEdge,
  ladderRequest,
  latestChecks,
  planJob,
  recessionsSinceMeasured,
  RUNGS,
  seenApex,
  standings,
  steelPace,
  SYMPTOM_IDS,
  worstStretch,
  zoneNow,
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
  RungReason,
  Standings,
  StopReason,
  SymptomId,
  VerdictReason,
  ZoneState,
} from './inspection';
export { microBevelCost, schoolCosts, USUAL_MICRO_BEVEL } from './schools';
export type { MicroBevelCost, SchoolNote } from './schools';
export {
  advance,
  balance,
  BURR_PARTS,
  burrGaps,
  findingsLeft,
  handInSets,
  inkDue,
  pastSession,
  plannedSteps,
  setsOf,
  startSession,
  stepSeries,
  stepTrouble,
} from './touchUp';
export type { GuideEvent, StepTrouble, StepWords } from './touchUp';
export { candidateWorth, kitProblem, planKit, thingsWorth } from './kit';
export type {
  CarriedItem,
  KitPlan,
  KitProblem,
  ServedNeed,
  SolveLp,
  ThingWorth,
  WhyUnserved,
} from './kit';
export { calibrate, learnedSteps, taughtOf } from './learn';
export type { Forgotten, Learned, SurfaceUse, Taught } from './learn';
