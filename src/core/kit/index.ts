export { kitProblem } from './kitProblem';
export { planKit } from './planKit';
export type {
  CarriedItem,
  KitItem,
  KitNeed,
  KitPlan,
  KitProblem,
  ServedNeed,
  SolveLp,
} from './types';
