import { workingFace } from '../ladder';
import { bevelFaceWidthMm } from '../edge';
import type { EdgeJob } from './edgeJob';
import { grindBehind } from './grindBehind';
import { NO_PLAN, withoutSteps, withSteps, type JobPlan } from './jobPlan';
import { apexLadder } from './apexLadder';

/**
 * A drifted bevel ground flat to its apex again: V = 2·L·W·lag off the whole face, then the apex is
 * set anew.
 */
export function planFlattening(job: EdgeJob, lagMm: number): JobPlan {
  const { tool, zone, abrasives, hand } = job;
  const apex = apexLadder(job, { ...zone, facet: null }, job);
  if (lagMm === 0) return withoutSteps(apex, 'leave alone');
  const flat = grindBehind({
    face: { ...workingFace(tool, zone), facet: null },
    task: 'grind the bevel flat',
    volumeMm3: 2 * (zone.endMm - zone.startMm) * bevelFaceWidthMm(zone) * lagMm,
    ownLadder: job.ownLadder,
    polished: tool.schools.scratches === 'unscratched',
    abrasives,
    hand,
  });
  const [first, ...polish] = flat;
  if (!first || apex.outcome !== 'planned') return withoutSteps(apex, 'out of reach');
  const zoneAfter = zone.facet ? { ...zone, facet: null } : null;
  return { ...NO_PLAN, ...withSteps(apex, [{ ...first, zoneAfter }, ...polish]) };
}
