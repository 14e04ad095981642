import type { Finding } from '../../domain/session';
import type { Job } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
import {
  withinHandWork,
  honedApexUm,
  hones,
  planHone,
  planThinning,
  type EdgeJob,
  type JobPlan,
} from '../jobs';
import { KEEN_UP_TO } from '../sharpness';
import type { Beyond } from './beyondTouchUp';
import { damageOf, damageToMend } from './damage';
import { edgeWord } from './edgeState';
import { planTouchUp } from './planTouchUp';

/** The lightest job that will do for an edge, with its plan: null where it is beyond any. */
export interface LightestJob {
  job: Job;
  plan: JobPlan | null;
}

/**
 * The one answer that rack, list, plan and verdict share: what comes before any touch-up first, then
 * leaving it alone, the hone where the edge is only turned, and the touch-up.
 */
export function lightestJob(
  edge: EdgeJob,
  findings: readonly Finding[],
  beyond: Beyond,
): LightestJob {
  if (beyond === 'stop use' || beyond === 'professional') return { job: 'touch-up', plan: null };
  if (beyond === 'thin') return { job: 'thin', plan: withinHandWork(planThinning(edge)) };
  if (
    !isKeen(edge, findings) &&
    honeReaches({ ...edge, findings }) &&
    hones(edge.abrasives).length > 0
  ) {
    return { job: 'hone', plan: planHone(edge) };
  }
  return { job: 'touch-up', plan: withinHandWork(planTouchUp(edge)) };
}

function isKeen({ tool, zone, apexRadiusUm }: EdgeJob, findings: readonly Finding[]): boolean {
  const damageMm = damageToMend(tool, zone, findings);
  return edgeWord(apexRadiusUm, zone.targetApexUm, damageMm) === 'keen';
}

/** Whether a hone is enough: it lays a turned edge straight; the turned part goes, rounding stays. */
export function honeReaches(input: {
  zone: Pick<Zone, 'targetApexUm'>;
  findings: readonly Finding[];
  apexRadiusUm: number;
  keenRadiusUm: number | null;
}): boolean {
  const { zone, findings, apexRadiusUm: apexUm, keenRadiusUm: keenUm } = input;
  const { targetApexUm: targetUm } = zone;
  const afterUm = honedApexUm({ apexUm, keenUm, targetUm });
  return damageOf(findings).turned && afterUm <= KEEN_UP_TO * targetUm;
}
