import type { Observation, Session } from '../../domain/session';
import type { Job } from '../../domain/terms';
import type { Tool, Zone } from '../../domain/tool';
import {
  byHand,
  planHoning,
  planSpine,
  planThinning,
  SPINE_WORKS,
  spineWorkDue,
  type JobPlan,
  type SpineWork,
} from '../jobs';
import type { LadderAbrasive } from '../ladder';
import type { Pace } from '../wear';
import { damageToMend, worstStretch } from './edgeState';
import { planEdge } from './planEdge';

/** A job on one zone of one tool, or on the tool's spine. */
export interface JobProblem {
  job: Job;
  /** Which work on the spine; the lightest that will do where it is null. */
  spineWork: SpineWork | null;
  tool: Tool;
  zone: Zone;
  /** The edge as it is now. */
  before: Observation;
  /** Radius the last finished touch-up left; null when none was tested. */
  keenRadiusUm: number | null;
  sessions: readonly Session[];
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}

/**
 * The plan of a job, out of reach where no hand lasts so long; null where the edge has to be tested
 * first, or there is no spine to work.
 */
export function planJob(problem: JobProblem): JobPlan | null {
  const plan = planned(problem);
  return plan && byHand(plan);
}

function planned(problem: JobProblem): JobPlan | null {
  const { job, tool, before, sessions, abrasives, pace } = problem;
  if (job === 'spine') {
    const works: readonly SpineWork[] = SPINE_WORKS[tool.spine.use];
    const asked = works.find((work) => work === problem.spineWork);
    const work = asked ?? spineWorkDue(tool, sessions);
    return work && { ...planSpine({ tool, work, abrasives, pace }), zoneAfter: null };
  }
  if (before.tests.length === 0) return null;
  const edge = {
    ...problem,
    apexRadiusUm: worstStretch(before.tests).apexRadiusUm,
    damageDepthMm: damageToMend(before.findings),
  };
  switch (job) {
    case 'touch-up':
      return { ...planEdge(edge), zoneAfter: null };
    case 'hone':
      return { ...planHoning(edge), zoneAfter: null };
    case 'thin':
      return planThinning(edge);
  }
}
