import type { Tool, Zone } from '../../domain/tool';
import { thinningCut } from '../edge';
import { workingFace, type LadderStep } from '../ladder';
import { bevelDrift, isZeroGround } from './bevelDrift';
import type { EdgeJob } from './edgeJob';
import { grindBehind } from './grindBehind';
import { withoutSteps, withSteps, type JobPlan } from './jobPlan';
import { planFlattening } from './planFlattening';
import { apexLadder } from './apexLadder';
import { PRIORS } from '../priors';

/** Steel to take off behind the edge, and how the stone is laid for it. */
export interface ThinningWork {
  holdAngleDeg: number;
  faceWidthMm: number;
  /** Both sides together. */
  volumeMm3: number;
  zoneAfter: Zone;
}

/** A face is thinned back to this share of its limit, or of itself where none is set (prior). */
const THINNED_SHARE = 2 / 3;

/** What thinning takes off a zone: its worked face is narrowed to two thirds of its limit. */
function thinningWork(tool: Tool, zone: Zone): ThinningWork {
  const presentMm = workingFace(tool, zone).faceWidthMm;
  const limitMm = Math.min(presentMm, zone.faceLimitMm ?? presentMm);
  const towardMm = Math.max(THINNED_SHARE * limitMm, PRIORS.leastLeftShare.value * presentMm);
  return narrowedTo(tool, zone, towardMm);
}

/** What it takes to narrow a worked face to a width; not for a bevel ground to the apex. */
export function narrowedTo(tool: Tool, zone: Zone, faceWidthMm: number): ThinningWork {
  const plain = { ...zone, facet: null };
  const cut = thinningCut({ tool, zone: plain, faceWidthMm });
  return {
    holdAngleDeg: cut.holdAngleDeg,
    faceWidthMm: cut.reliefWidthMm,
    volumeMm3: 2 * (zone.endMm - zone.startMm) * cut.areaPerSideMm2,
    zoneAfter: cut.zoneAfter,
  };
}

/** The steps that lay the steel behind the edge back; none where nothing at hand bites this steel. */
export function thinningSteps(job: EdgeJob, work: ThinningWork): LadderStep[] {
  const { tool, zone, abrasives, hand } = job;
  return grindBehind({
    face: {
      ...workingFace(tool, zone),
      angleDeg: work.holdAngleDeg,
      faceWidthMm: work.faceWidthMm,
      behindAngleDeg: zone.primaryAngleDeg,
      arcRadiusMm: null,
      facet: null,
    },
    task: 'move the shoulders back',
    volumeMm3: work.volumeMm3,
    polished: tool.schools.scratches === 'unscratched',
    abrasives,
    hand,
  });
}

/**
 * Thinning as a plan for the guide. A bevel that runs flat to its apex is ground flat again where it
 * has drifted. Behind any other edge the quickest stone or file at hand lays the steel behind the edge
 * back, and a ladder on stones sets the apex again.
 */
export function planThinning(job: EdgeJob): JobPlan {
  const { tool, zone } = job;
  if (isZeroGround(zone)) {
    return planFlattening(job, bevelDrift(tool, zone, job.sessions).lagMm);
  }
  const work = thinningWork(tool, zone);
  const behind = thinningSteps(job, work);
  const apex = apexLadder(job, work.zoneAfter, job);
  if (behind.length === 0 || apex.outcome !== 'planned') return withoutSteps(apex, 'out of reach');
  return { ...withSteps(apex, behind), zoneAfter: work.zoneAfter };
}
