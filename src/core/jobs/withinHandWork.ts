import type { Ladder } from '../ladder';
import { PRIORS } from '../priors';

/** The plan, or where it would take longer than a hand lasts, none. */
export function withinHandWork<P extends Ladder>(plan: P): P {
  if (plan.minutes <= PRIORS.longestJobMinutes.value) return plan;
  return {
    ...plan,
    outcome: 'out of reach',
    steps: [],
    minutes: 0,
    minutesLow: 0,
    minutesHigh: 0,
  };
}
