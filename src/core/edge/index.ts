export { bevelFaceWidthMm, withWorkedWidth, workedWidthMm } from './workedWidth';
export { apexAngle } from './apexAngle';
export { bevelAngleFromFaceWidth, bevelAngleFromHeight } from './bevelAngle';
export { spineLift, angleFromSpineLift, flatAngle } from './spineLift';
export { coinStack, type CoinStack, type NearCoins } from './coinStack';
export { stoneTilt, puckRearLift } from './stoneOverTool';
export { paperFoldAngle, wedgeHeight } from './wedge';
export { convexArc, facetSchedule } from './convexArc';
export { microbevel } from './microbevel';
export { thicknessBehindEdge } from './thicknessBehindEdge';
export { bevelGrowth, touchUpsUntilThinning, wideningPerRecession } from './bevelGrowth';
export { dishAngleError } from './dish';
export { steelBudget } from './steelBudget';
export { sectionProfile, profileThickness, type ProfilePoint } from './sectionProfile';
export {
  agreement,
  ANGLE_METHOD_RULES,
  findAngle,
  type AngleMethodId,
  type AngleMethodRule,
  type FoundAngle,
  type MeasuredTool,
} from './findAngle';
export { tipReach } from './tipReach';
export { thinningCut, type ThinningCut } from './thinningCut';
export {
  angleBehind,
  blendedFacet,
  facetWidthMm,
  reshapedZone,
  reshapeZone,
  type EdgeAim,
  type Reshaped,
} from './reshapeZone';
export { zoneFromCalliper } from './fromCalliper';
export { meet } from './profileCut';
export { facetAreas } from './facetAreas';
export { thickening, type Thickening } from './thickening';
