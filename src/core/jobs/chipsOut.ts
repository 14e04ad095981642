import type { ZoneFacet } from '../../domain/tool';
import { facetWidthMm } from '../edge';
import { damageBand, workedParts, workingFace, type LadderStep } from '../ladder';
import type { EdgeJob } from './edgeJob';
import type { SetBack } from './grindArc';
import { cutStep, grinders, quickestCut } from './grindBehind';

/** The chips of an edge ground out before anything else is done to it. */
export interface ChipsOut {
  step: LadderStep;
  setBack: SetBack;
}

/**
 * Damage ground out in a narrow band over its stretch, by the quickest stone or file at hand, before a new angle
 * is ground; null where nothing at hand bites this steel.
 */
export function chipsOut(job: EdgeJob): ChipsOut | null {
  const { tool, zone, hand } = job;
  const face = workingFace(tool, zone);
  const [part] = workedParts(face, { ...job, keenRadiusUm: undefined }, 'narrow band');
  const { startMm, endMm, angleDeg } = part!.stretch!;
  const { volumeMm3, widthMm } = part!.heavy!;
  const lengthMm = endMm - startMm;
  const band = { ...face, angleDeg, startMm, edgeLengthMm: lengthMm, faceWidthMm: widthMm };
  const stones = grinders(band, job.abrasives, job.ownLadder);
  const cut = quickestCut(stones, band, { task: 'grind out damage', volumeMm3 }, hand);
  if (!cut) return null;
  const step = cutStep(band, cut, hand, null);
  const { strokesPerSide } = step;
  const facet: ZoneFacet = {
    startMm,
    endMm,
    angleDeg,
    faceWidthMm: facetWidthMm(widthMm),
    kept: false,
  };
  return {
    step: {
      ...step,
      stretch: { startMm, endMm, angleDeg, strokesPerSide },
      zoneAfter: { ...zone, facet },
    },
    setBack: {
      lengthMm,
      depthMm: job.damageDepthMm,
      bandAreaMm2: damageBand(face, job.damageDepthMm).areaPerSideMm2,
    },
  };
}
