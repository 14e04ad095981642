import type { Tool, Zone } from '../../domain/tool';
import { thinningCut, type ThinningCut } from '../edge';
import { workingFace, type LadderStep } from '../ladder';
import { bevelDrift, isZeroGround } from './bevelDrift';
import type { EdgeJob } from './edgeJob';
import { faceLimitMm } from './faceLimit';
import { grindBehind } from './grindBehind';
import { NO_PLAN, withoutSteps, withSteps, type JobPlan } from './jobPlan';
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

/** The narrowest and the widest edge bevel (mm) that a record holds. */
const LEAST_FACE_MM = 0.02;
const MOST_FACE_MM = 10;

/** What thinning takes off a zone: its worked face is narrowed to two thirds of its limit; null where none can be. */
function thinningWork(tool: Tool, zone: Zone): ThinningWork | null {
  const presentMm = workingFace(tool, zone).faceWidthMm;
  const limitMm = Math.min(presentMm, faceLimitMm(tool, zone) ?? presentMm);
  const leastMm = Math.max(LEAST_FACE_MM, PRIORS.leastLeftShare.value * presentMm);
  const towardMm = Math.max(THINNED_SHARE * limitMm, leastMm);
  return towardMm < presentMm ? narrowedTo(tool, zone, Math.min(MOST_FACE_MM, towardMm)) : null;
}

/**
 * What it takes to narrow a worked face to a width; not for a bevel ground to the apex. Null where no face can lie
 * flatter behind it.
 */
export function narrowedTo(tool: Tool, zone: Zone, faceWidthMm: number): ThinningWork | null {
  const cut = cutTo(tool, { ...zone, facet: null }, faceWidthMm);
  if (!cut) return null;
  return {
    holdAngleDeg: cut.holdAngleDeg,
    faceWidthMm: cut.reliefWidthMm,
    volumeMm3: 2 * (zone.endMm - zone.startMm) * cut.areaPerSideMm2,
    zoneAfter: cut.zoneAfter,
  };
}

/** The angle (° per side) that a stone is laid at to thin a zone; null where nothing can be thinned. */
export function thinningHoldDeg(tool: Tool, zone: Zone): number | null {
  return isZeroGround(zone) ? null : (thinningWork(tool, zone)?.holdAngleDeg ?? null);
}

function cutTo(tool: Tool, zone: Zone, faceWidthMm: number): ThinningCut | null {
  try {
    return thinningCut({ tool, zone, faceWidthMm });
  } catch (error) {
    if (error instanceof RangeError) return null;
    throw error;
  }
}

/** The steps that lay the steel behind the edge back; none where nothing at hand bites this steel. */
export function thinningSteps(job: EdgeJob, work: ThinningWork): LadderStep[] {
  const { tool, zone, abrasives, hand } = job;
  const [first, ...polish] = grindBehind({
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
    ownLadder: job.ownLadder,
    hand,
  });
  return first ? [{ ...first, zoneAfter: work.zoneAfter }, ...polish] : [];
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
  if (!work) return { ...NO_PLAN, apexRadiusUm: job.apexRadiusUm };
  const behind = thinningSteps(job, work);
  const apex = apexLadder(job, work.zoneAfter, job);
  if (behind.length === 0 || apex.outcome !== 'planned') return withoutSteps(apex, 'out of reach');
  return { ...NO_PLAN, ...withSteps(apex, behind) };
}
