export { whatIf, type OtherWay } from './whatIf';
export { edgeState, edgeWord, type EdgeState, type EdgeWord } from './edgeState';
export { damageOf, damageToMend } from './damage';
export { damageLooks, damageOnce } from './damageSeen';
export { planTouchUp } from './planTouchUp';
export { triage } from './triage';
export { SAME_ANGLE_DEG, workedAngle } from './workedAngle';
export { promisedOnLeaving } from './promised';
export { asksForWork } from './asksForWork';
export { benchAt, type Bench } from './bench';
export { edgeJobOf } from './edgeJobOf';
export { damageChoices, type DamageChoice } from './damageChoices';
export { faceGrowthMm } from './thinAlong';
export { ownLadderProblem, planJob } from './planJob';
export { honeReaches } from './lightestJob';
export {
  byUrgency,
  edgeNeeds,
  bluntestWord,
  zoneStates,
  type EdgeNeed,
  type ZoneState,
} from './edgeNeeds';
export { checksOf, stopReasons, type StopReason } from './stopUse';
export {
  jobOfRung,
  judgeEdge,
  RUNGS,
  type EdgeVerdict,
  type RungReason,
  type VerdictReason,
} from './judgeEdge';
export { diagnose, SYMPTOM_IDS, type Diagnosis, type SymptomId } from './diagnose';
export { adviseAngle, type AngleAdvice, type AngleReason } from './adviseAngle';
export {
  grownZone,
  recessionsOf,
  recessionsSinceMeasured,
  sessionRecessionMm,
  steelPace,
  zoneNow,
  type SteelPace,
} from './recession';
export { steelLeft, type SteelLeft } from './steelLeft';
export { standings, type Standings } from './standings';
export type { SeenEdge } from './edgeJobOf';
