export { edgeCosts } from './edgeCosts';
export { forecastTrip } from './forecastTrip';
export {
  maintenancePlan,
  rustRisk,
  type MaintenancePlan,
  type OutDay,
  type OutLine,
} from './maintenance';
export {
  tasksOfTrip,
  travelling,
  tripProblem,
  tripShelf,
  zoneForTask,
  type ThirstyStone,
} from './tripProblem';
export { tripWhatIf, type TripChange, type TripOutcome } from './tripWhatIf';
export {
  RUNGS_OUT,
  type EdgeDay,
  type EdgeForecast,
  type RungOut,
  type Spread,
  type TripForecast,
  type TripProblem,
} from './types';
