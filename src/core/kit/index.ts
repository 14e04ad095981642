export { kitProblem } from './kitProblem';
export { planKit } from './planKit';
export { candidateWorth, thingsWorth, type ThingWorth } from './thingsWorth';
export type { CarriedItem, KitPlan, KitProblem, ServedNeed, WhyUnserved, SolveLp } from './types';
