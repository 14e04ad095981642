export { withArcPasses } from './arcPasses';
export { ARC_FACETS } from './grindArc';
export { bevelDrift, isZeroGround, STEEPER_PER_WOBBLE, type BevelDrift } from './bevelDrift';
export { DRIFT_LIMIT_MM, thinningNeed, type ThinningNeed } from './thinningNeed';
export { faceLimitMm } from './faceLimit';
export { leftZone } from './leftZone';
export { narrowedTo, planThinning, thinningHoldDeg, thinningSteps } from './planThinning';
export { planNewAngle } from './planNewAngle';
export { planUpkeep } from './planUpkeep';
export { withinHandWork } from './withinHandWork';
export type { EdgeJob } from './edgeJob';
export { NO_PLAN, withSteps, zoneLeft, type JobPlan, type LeftDamage } from './jobPlan';
export { planFlattening } from './planFlattening';
export { honedApexUm, findHone, hones, planHone } from './planHone';
export {
  planSpine,
  RAISINGS_PER_FILING,
  raisingsLeft,
  SPINE_WORKS,
  spineStretch,
  spineWorkDue,
  type SpineWork,
} from './spine';
