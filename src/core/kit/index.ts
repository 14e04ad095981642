export {
  bestTrade,
  carrying,
  duplicates,
  eveningWork,
  kitTotals,
  nextKit,
  oneStep,
  placeIn,
  shownPoints,
  stepPrice,
  thingPrice,
  wayWith,
  type Carrying,
  type KitStep,
} from './explainKit';
export { fieldLadder } from './fieldLadder';
export { kitFrontier, type FrontierPoint } from './kitFrontier';
export { needsOfEachOnce, needsOfForecast } from './kitNeeds';
export { coveredBy, kitProblem } from './kitProblem';
export { limitedKit, limitsBind, NO_LIMITS, type KitLimits } from './limitedKit';
export { rackRound } from './rackRound';
export { solveKit, type KitSolution, type SolvedNeed } from './solveKit';
export { candidateWorth, thingsWorth, type ThingWorth } from './thingsWorth';
export type { KitItem, KitProblem, RackRound, SolveLp } from './types';
