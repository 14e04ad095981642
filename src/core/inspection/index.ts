export {
  edgeState,
  edgeWord,
  seenApex,
  worstStretch,
  type EdgeState,
  type EdgeWord,
} from './edgeState';
export { damageOf, damageToMend, type Damage } from './damage';
export { damageWayOf, ladderRequest, planEdge } from './planEdge';
export { benchAt, familyOnShelf, handOf, type Bench } from './bench';
export { edgeJobOf } from './edgeJobOf';
export { damageChoices, type DamageChoice } from './damageChoices';
export { faceGrowthMm } from './thinAlong';
export { planJob, type JobProblem } from './planJob';
export { honeReaches, lightestJob } from './lightestJob';
export {
  edgeNeed,
  edgeNeeds,
  bluntestWord,
  zoneStates,
  type EdgeNeed,
  type ZoneState,
} from './edgeNeeds';
export { latestChecks, stopReasons, type StopReason } from './stopUse';
export {
  jobOfRung,
  judgeEdge,
  RUNGS,
  type EdgeVerdict,
  type Rung,
  type RungOutlook,
  type RungReason,
  type VerdictReason,
} from './judgeEdge';
export { diagnose, SYMPTOM_IDS, type Diagnosis, type SymptomId } from './diagnose';
export { adviseAngle, type AngleAdvice, type AnglePrice, type AngleReason } from './adviseAngle';
export {
  recessionsSinceMeasured,
  sessionRecessionMm,
  steelPace,
  zoneNow,
  type SteelPace,
} from './recession';
export { standings, type Standings } from './standings';
