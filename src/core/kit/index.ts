export { kitProblem } from './kitProblem';
export { planKit } from './planKit';
export type { CarriedItem, KitPlan, KitProblem, ServedNeed, WhyUnserved, SolveLp } from './types';
