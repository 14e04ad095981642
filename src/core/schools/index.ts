export { microBevelCost, USUAL_MICRO_BEVEL, type MicroBevelCost } from './microBevelCost';
export { schoolCosts } from './schoolCosts';
export type { SchoolNote } from './types';
