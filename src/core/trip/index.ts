export { edgeCosts } from './edgeCosts';
export { doneOnTrip, workSpan, type DoneLine, type DoneOnTrip } from './doneOnTrip';
export { EVENT_STATES, touchUpEvent, TOUCH_UP_EVENTS, type TouchUpEvent } from './events';
export { edgeRuns, type EdgeRuns } from './edgeRuns';
export { edgeProblems, forecastTrip, tripForecast } from './forecastTrip';
export {
  isUntested,
  maintenancePlan,
  NAMED_FROM,
  TEST_MINUTES,
  type HomeLine,
  type MaintenancePlan,
  type OutDay,
  type OutLine,
} from './maintenance';
export { heaviestRung } from './heaviestRung';
export { ladderAt } from './ladderAt';
export { needsOut, type NeedsOut } from './needsOut';
export { tonightLines, type TonightLine } from './tonight';
export { rustRisk } from './rustRisk';
export { setAdvice, type SetAdvice } from './setAdvice';
export { thingsCarried } from './thingsCarried';
export { travelling, tripProblem } from './tripProblem';
export { stoneWaterMl, tripShelf, type RefusedStone } from './tripShelf';
export { tripWhatIf, type TripChange, type TripOutcome } from './tripWhatIf';
export {
  RUNGS_OUT,
  type EdgeCosts,
  type EdgeDay,
  type EdgeForecast,
  type RungOut,
  type Spread,
  type TripForecast,
  type TripProblem,
} from './types';
