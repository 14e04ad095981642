export { roughPlan, type OpenMeasure, type RoughPlan } from './roughPlan';
export { unknownGrainOf } from './unknownGrain';
export { testOfWord } from './testOfWord';
export type { RoughEdge, UnknownMeasure } from './unknowns';
