import type { Tool, Zone } from '../../domain/tool';
import { wideningPerRecession } from '../edge';
import { isZeroGround, narrowedTo, thinningSteps, withSteps, type EdgeJob } from '../jobs';
import { workingFace, type Ladder } from '../ladder';
import { apexRecessionMm } from '../wear';

/** Less growth than this (mm) cannot be seen, let alone ground away. */
const VISIBLE_MM = 0.002;

/**
 * The ladder of a keeper who thins at every touch-up: a step behind the edge first, which takes
 * back what this touch-up widens the worked face by. Other keepers, ladders of strops alone, and
 * faces that do not grow get their ladder as it is.
 */
export function thinAlong(job: EdgeJob, ladder: Ladder): Ladder {
  const { tool, zone } = job;
  const wants = tool.schools.profile === 'thin at every touch-up' && !isZeroGround(zone);
  if (!wants || ladder.steps.every(({ abrasive }) => abrasive.kind === 'strop')) return ladder;
  const face = workingFace(tool, zone);
  const growthMm = faceGrowthMm(job);
  if (growthMm < VISIBLE_MM || growthMm >= face.faceWidthMm) return ladder;
  const work = narrowedTo(tool, zone, face.faceWidthMm - growthMm);
  if (!work) return ladder;
  // It only takes back what this touch-up widens: the zone measures what it did.
  const steps = thinningSteps(job, work).map((step) => ({ ...step, zoneAfter: null }));
  return withSteps(ladder, steps);
}

/** How much wider (mm) a touch-up makes the worked face: its recession times sin α / sin(θ − α). */
export function faceGrowthMm(input: {
  tool: Tool;
  zone: Zone;
  apexRadiusUm: number;
  damageDepthMm: number;
}): number {
  const { angleDeg, behindAngleDeg } = workingFace(input.tool, input.zone);
  const taper = { primaryAngleDeg: behindAngleDeg, bevelAngleDeg: angleDeg };
  return apexRecessionMm({ ...input, angleDeg }) * wideningPerRecession(taper);
}
