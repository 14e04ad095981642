import type { JobPlan } from './jobPlan';
import { PRIORS } from '../priors';

/** The plan, or where it would take longer than a hand lasts, none. */
export function withinHandWork(plan: JobPlan): JobPlan {
  if (plan.minutes <= PRIORS.longestJobMinutes.value) return plan;
  return {
    ...plan,
    outcome: 'out of reach',
    steps: [],
    minutes: 0,
    minutesLow: 0,
    minutesHigh: 0,
    tooLongMinutes: plan.minutes,
  };
}
