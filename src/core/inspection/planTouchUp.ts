import type { DamageWay } from '../../domain/terms';
import type { Zone } from '../../domain/tool';
import { blendedFacet, facetWidthMm } from '../edge';
import { NO_PLAN, type EdgeJob, type JobPlan } from '../jobs';
import {
  damageBand,
  edgeTarget,
  findLadder,
  workedParts,
  workingFace,
  type LadderRequest,
  type LadderStep,
  type WorkingFace,
} from '../ladder';
import { edgeWord } from './edgeState';
import { thinAlong } from './thinAlong';
import { triage } from './triage';

/**
 * The touch-up of one zone as it was seen. An edge that is keen for its work is left alone, even where
 * the estimate lies a little above the target: a test is no finer. A narrow band leaves a facet, a
 * facet to be blended loses half of its step: the plan says what the zone measures afterwards.
 */
export function planTouchUp(
  job: EdgeJob,
  priced: Pick<LadderRequest, 'missingStone' | 'priceWishes'> = {},
): JobPlan {
  const { tool, zone, apexRadiusUm, damageDepthMm, where } = job;
  const target = edgeTarget(tool, zone, where);
  const { way, left: leftDamage } = triage(job);
  const mendedMm = way === 'leave it' ? 0 : damageDepthMm;
  if (edgeWord(apexRadiusUm, target.apexRadiusUm, mendedMm) === 'keen') {
    return { ...NO_PLAN, apexRadiusUm, leftDamage };
  }
  const face = workingFace(tool, zone);
  const ladder = findLadder({ ...ladderRequest({ ...job, damageWay: way }), ...priced });
  const [first, ...finer] = ladder.steps;
  const steps = first ? [{ ...first, zoneAfter: zoneAfter(job, face, first, way) }, ...finer] : [];
  return { ...NO_PLAN, ...thinAlong(job, { ...ladder, steps }), leftDamage };
}

/** The ladder that a touch-up asks for. */
export function ladderRequest(job: EdgeJob): LadderRequest {
  const { tool, zone, hand } = job;
  return {
    zone: workingFace(tool, zone),
    condition: {
      apexRadiusUm: job.apexRadiusUm,
      damageDepthMm: job.damageDepthMm,
      damageStretch: job.damageStretch,
      keenRadiusUm: job.keenRadiusUm ?? undefined,
    },
    target: edgeTarget(tool, zone, job.where),
    abrasives: job.abrasives,
    owned: job.owned,
    damageWay: triage(job).way ?? undefined,
    ownLadder: job.ownLadder,
    pace: hand.pace,
    calibration: hand.learned,
  };
}

function zoneAfter(
  { zone, damageDepthMm, apexRadiusUm, damageStretch }: EdgeJob,
  face: WorkingFace,
  { task }: LadderStep,
  way: DamageWay | null,
): Zone | null {
  if (task === 'blend the facet') return { ...zone, facet: blendedFacet(zone, face.angleDeg) };
  if (task !== 'grind out damage') return null;
  if (way === 'whole face') return zone.facet ? { ...zone, facet: null } : null;
  const [part] = workedParts(face, { apexRadiusUm, damageDepthMm, damageStretch }, 'narrow band');
  const { startMm, endMm, angleDeg } = part!.stretch!;
  const { widthMm } = damageBand(face, damageDepthMm);
  const facet = { startMm, endMm, angleDeg, faceWidthMm: facetWidthMm(widthMm), kept: false };
  return { ...zone, facet };
}
