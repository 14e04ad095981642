export {
  damageToMend,
  edgeState,
  edgeWord,
  worstStretch,
  type EdgeState,
  type EdgeWord,
} from './edgeState';
export { planEdge } from './planEdge';
export { faceGrowthMm } from './thinAlong';
export { planJob, type JobProblem } from './planJob';
export { edgeNeeds, worstWord, zoneStates, type EdgeNeed, type ZoneState } from './edgeNeeds';
export { latestChecks, stopReasons } from './stopUse';
export { judgeEdge, type EdgeVerdict } from './judgeEdge';
export { honeReaches, jobOfRung, RUNGS, type Rung, type RungOutlook } from './rungOutlooks';
export { diagnose, SYMPTOMS, type Diagnosis, type Symptom } from './diagnose';
export { adviseAngle, type AngleAdvice, type AnglePrice } from './adviseAngle';
export { recessionsSinceMeasured, steelPace, zoneNow, type SteelPace } from './recession';
export { TASKS, type Task } from './tasks';
