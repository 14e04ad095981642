import type { Job } from '../../domain/terms';
import type { EdgeAim } from '../edge';
import {
  withinHandWork,
  planHone,
  planNewAngle,
  planSpine,
  planThinning,
  planUpkeep,
  SPINE_WORKS,
  spineWorkDue,
  type EdgeJob,
  type JobPlan,
  type SpineWork,
} from '../jobs';
import { findLadder, type OwnLadderProblem } from '../ladder';
import { edgeJobOf, type SeenEdge } from './edgeJobOf';
import { ladderRequest, planTouchUp } from './planTouchUp';

/** A job on one zone of one tool, or on the tool's spine. */
export interface JobProblem extends SeenEdge {
  job: Job;
  /** Which work on the spine; the lightest that will do where it is null. */
  spineWork: SpineWork | null;
  /** Which angle or grind; needed for a new angle alone. */
  aim: EdgeAim | null;
}

/**
 * The plan of a job, out of reach where no hand lasts so long; null where the edge has to be tested
 * first, no new angle is named, or there is no spine to work.
 */
export function planJob(problem: JobProblem): JobPlan | null {
  const plan = problem.job === 'spine' ? spinePlan(problem) : edgePlan(problem);
  return plan && withinHandWork(plan);
}

/**
 * What a person’s own ladder is chosen from in a job: all that is at hand, and the plan with other wishes. Prices and
 * the missing stone are not asked for.
 */
export function ownLadderProblem(edge: EdgeJob, job: 'touch-up' | 'thin'): OwnLadderProblem {
  const { abrasives, ownLadder } = edge;
  const request = job === 'touch-up' ? ladderRequest(edge) : null;
  const quick = { missingStone: false, priceWishes: false };
  return {
    abrasives,
    ownLadder,
    planWith: (wishes) =>
      request
        ? findLadder({ ...request, ...quick, ownLadder: wishes })
        : planThinning({ ...edge, ownLadder: wishes }),
  };
}

function spinePlan({ tool, sessions, spineWork, bench }: JobProblem): JobPlan | null {
  const works: readonly SpineWork[] = SPINE_WORKS[tool.spine.use];
  const work = works.find((each) => each === spineWork) ?? spineWorkDue(tool, sessions);
  return work && planSpine({ ...bench, tool, work });
}

function edgePlan(problem: JobProblem): JobPlan | null {
  const { job, aim } = problem;
  const edge = edgeJobOf(problem);
  if (!edge || job === 'spine') return null;
  switch (job) {
    case 'touch-up':
      return planTouchUp(edge);
    case 'hone':
      return planHone(edge);
    case 'upkeep':
      return planUpkeep(edge);
    case 'thin':
      return planThinning(edge);
    case 'angle':
      return aim && planNewAngle(edge, aim);
  }
}
