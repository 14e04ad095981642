import { sum } from 'd3-array';
import { edgeJobOf, planTouchUp, type SeenEdge } from '../inspection';
import type { EdgeJob, JobPlan } from '../jobs';
import { PRIORS } from '../priors';
import { unknownsOf, type RoughEdge, type Unknown, type UnknownMeasure } from './unknowns';

/** One measure that nobody has taken, and what taking it would do. */
export interface OpenMeasure {
  measure: UnknownMeasure;
  /** How far it alone spreads the minutes: sd of their logarithm. */
  spreadLn: number;
  /** The span of minutes (two in three) that is left once it is known. */
  minutesLow: number;
  minutesHigh: number;
}

/** A plan from what is known, with the honest span of what is not. */
export interface RoughPlan {
  plan: JobPlan;
  /** The edge that it is planned for: as it is known, and as such edges usually are. */
  edge: EdgeJob;
  /** Minutes, two in three: by the plan’s own span and everything that is not known. */
  minutesLow: number;
  minutesHigh: number;
  /** What is not known, the measure that would help most first; empty where all that matters is. */
  open: OpenMeasure[];
}

/** A measure that moves the minutes by less than this (sd of ln) is not asked for. */
const WORTH_ASKING_LN = 0.05;

/**
 * A touch-up from guesses. What nobody has seen or measured stands at what is usual; its spread is found by
 * planning the same edge with the measure at other values of its prior, and spreads that are independent
 * add as squares: total² = own² + Σ spread². Where nothing at hand does the work nothing is asked.
 */
export function roughPlan(edge: RoughEdge): RoughPlan {
  const unknowns = unknownsOf(edge);
  const usual = unknowns.reduce<SeenEdge>((seen, { usual: assume }) => assume(seen), edge);
  // What is not tested is assumed: there is always a job.
  const job = edgeJobOf(usual)!;
  const plan = planTouchUp(job);
  if (plan.outcome === 'out of reach') {
    return { plan, edge: job, minutesLow: 0, minutesHigh: 0, open: [] };
  }

  const own = plan.minutesLow > 0 ? Math.log(plan.minutesHigh / plan.minutesLow) / 2 : 0;
  const spreads = unknowns.map(({ measure, ways }) => ({
    measure,
    spreadLn: spreadOf(usual, ways),
  }));
  const square = own ** 2 + sum(spreads, ({ spreadLn }) => spreadLn ** 2);
  const middle = Math.max(PRIORS.leastMinutes.value, plan.minutes);
  const span = (spreadLn: number) => ({
    minutesLow: middle * Math.exp(-spreadLn),
    minutesHigh: middle * Math.exp(spreadLn),
  });
  return {
    plan,
    edge: job,
    ...span(Math.sqrt(square)),
    open: spreads
      .filter(({ spreadLn }) => spreadLn >= WORTH_ASKING_LN)
      .sort((a, b) => b.spreadLn - a.spreadLn)
      .map(({ measure, spreadLn }) => ({
        measure,
        spreadLn,
        ...span(Math.sqrt(Math.max(0, square - spreadLn ** 2))),
      })),
  };
}

/** Prices of other wishes and of stones that are lacking are not asked for. */
const QUICK = { missingStone: false, priceWishes: false };

function planned(seen: SeenEdge): JobPlan | null {
  const job = edgeJobOf(seen);
  return job && planTouchUp(job, QUICK);
}

/** Standard deviation of ln minutes over the ways that a measure may turn out, by their weights. */
function spreadOf(usual: SeenEdge, ways: Unknown['ways']): number {
  const found = ways.flatMap(({ weight, turn }) => {
    const plan = planned(turn(usual));
    if (!plan || plan.outcome === 'out of reach') return [];
    return [{ weight, ln: Math.log(Math.max(PRIORS.leastMinutes.value, plan.minutes)) }];
  });
  const total = sum(found, ({ weight }) => weight);
  if (total === 0) return 0;
  const mean = sum(found, ({ weight, ln }) => weight * ln) / total;
  return Math.sqrt(sum(found, ({ weight, ln }) => weight * (ln - mean) ** 2) / total);
}
