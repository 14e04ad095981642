import type { LadderPlan } from '../ladder';

/** Longer than this (minutes) nobody grinds by hand: it is work for a smith (prior). */
const LONGEST_JOB_MINUTES = 600;

/** The plan, or where it would take longer than a hand lasts, none. */
export function withinHandWork<P extends LadderPlan>(plan: P): P {
  if (plan.minutes <= LONGEST_JOB_MINUTES) return plan;
  return {
    ...plan,
    outcome: 'out of reach',
    steps: [],
    minutes: 0,
    minutesLow: 0,
    minutesHigh: 0,
  };
}
