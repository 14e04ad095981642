import { reshapedZone, type EdgeAim } from '../edge';
import { workingFace } from '../ladder';
import type { EdgeJob } from './edgeJob';
import { grindBehind } from './grindBehind';
import { NO_PLAN, withoutSteps, withSteps, type JobPlan } from './jobPlan';
import { apexLadder } from './apexLadder';

/** Less steel than this (mm², a side) is no change of angle. */
const LEAST_AREA_MM2 = 1e-6;

/**
 * Another angle or grind: the exact difference of the two half sections is ground off by the quickest
 * thing at hand, held at the new angle, then the apex is set. Damage goes with the steel as far as the
 * apex moves back. Out of reach where this section has no room for the angle.
 */
export function planNewAngle(job: EdgeJob, aim: EdgeAim): JobPlan {
  const { tool, zone, abrasives, hand, damageDepthMm } = job;
  const reshaped = reshapedZone({ tool, zone, aim });
  const nothing = { ...NO_PLAN, apexRadiusUm: job.apexRadiusUm };
  if (!reshaped) return { ...nothing, outcome: 'out of reach' };
  const { zoneAfter, areaPerSideMm2, recessionMm, faceWidthMm } = reshaped;
  if (areaPerSideMm2 < LEAST_AREA_MM2) return nothing;
  const ground = grindBehind({
    face: {
      ...workingFace(tool, zoneAfter),
      angleDeg: aim.angleDeg,
      faceWidthMm,
      hold: 'freehand',
    },
    task: 'grind the new angle',
    volumeMm3: 2 * (zone.endMm - zone.startMm) * areaPerSideMm2,
    polished: tool.schools.scratches === 'unscratched',
    abrasives,
    hand,
  });
  const apex = apexLadder(job, zoneAfter, {
    damageDepthMm: Math.max(0, damageDepthMm - recessionMm),
  });
  if (ground.length === 0 || apex.outcome !== 'planned') return withoutSteps(apex, 'out of reach');
  return { ...withSteps(apex, ground), zoneAfter };
}
