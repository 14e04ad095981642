export { kitProblem } from './kitProblem';
export { planKit } from './planKit';
export type {
  CarriedItem,
  KitItem,
  KitNeed,
  KitPlan,
  KitProblem,
  ServedNeed,
  WhyUnserved,
  SolveLp,
} from './types';
