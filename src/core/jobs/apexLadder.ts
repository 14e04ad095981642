import type { Zone } from '../../domain/tool';
import { edgeTarget, findLadder, workingFace, type Ladder } from '../ladder';
import type { EdgeJob } from './edgeJob';
import { PRIORS } from '../priors';

/** The ladder that sets the apex of a zone anew on stones, after steel behind it has gone. */
export function apexLadder(job: EdgeJob, zone: Zone, edge: { damageDepthMm: number }): Ladder {
  const { tool, where, hand } = job;
  const target = edgeTarget(tool, zone, where);
  return findLadder({
    zone: workingFace(tool, zone),
    condition: {
      apexRadiusUm: Math.max(
        job.apexRadiusUm,
        PRIORS.apexAfterGrinding.value * target.apexRadiusUm,
      ),
      damageDepthMm: edge.damageDepthMm,
      damageStretch: job.damageStretch,
    },
    target,
    abrasives: job.abrasives,
    owned: job.owned,
    damageWay: job.damageWay ?? undefined,
    ownLadder: job.ownLadder,
    stropAlone: false,
    evenIfKeen: true,
    pace: hand.pace,
    calibration: hand.learned,
  });
}
