export { microBevelCost, USUAL_MICRO_BEVEL, type MicroBevelCost } from './microBevelCost';
export { schoolCosts, type SchoolCost } from './schoolCosts';
export type { SchoolNote } from './schoolNote';
