import { sum } from 'd3-array';
import { facetAreas, facetSchedule, type Reshaped } from '../edge';
import {
  CHANGEOVER_MINUTES,
  edgeTarget,
  workingFace,
  type LadderStep,
  type WorkingFace,
} from '../ladder';
import { PRIORS } from '../priors';
import type { EdgeJob } from './edgeJob';
import { cutStep, grinders, POLISHED_UM, quickestCut, smoothingSteps } from './grindBehind';

/** Facets that an arc is worked in, apex to shoulder. */
export const ARC_FACETS = 4;
/** A facet that loses less (mm², a side) has nothing to be ground off. */
const LEAST_AREA_MM2 = 1e-4;

/** A stretch that a chip has set back before the arc is ground (mm), and what its band has taken (mm², a side). */
export interface SetBack {
  lengthMm: number;
  depthMm: number;
  bandAreaMm2: number;
}

/**
 * A new arc as steps: its facets with the quickest stone or file at hand, apex to shoulder, each with the
 * strokes for the steel that it loses; then finer ones over the whole of it, the marks of a file on the cheek
 * included. None where nothing at hand bites this steel.
 */
export function grindArc(job: EdgeJob, reshaped: Reshaped, setBack: SetBack | null): LadderStep[] {
  const { tool, zone, hand, where } = job;
  const { zoneAfter } = reshaped;
  const arc: WorkingFace = { ...workingFace(tool, zoneAfter), facet: null };
  const facets = facetSchedule({
    thicknessMm: zoneAfter.shoulderThicknessMm,
    cheekAngleDeg: zoneAfter.primaryAngleDeg,
    apexAngleDeg: zoneAfter.bevelAngleDeg,
    facets: ARC_FACETS,
    ...tool,
  });
  const lengthMm = zone.endMm - zone.startMm;
  const plain = facetAreas(reshaped, ARC_FACETS);
  const behindChip = setBack ? facetAreas(reshaped, ARC_FACETS, setBack.depthMm) : plain;
  const chipMm = setBack?.lengthMm ?? 0;
  const volumes = facets.map((_, i) => {
    // The band past the chip lies within the facets next to the apex.
    const bandMm2 = i === 0 ? (setBack?.bandAreaMm2 ?? 0) : 0;
    const chipMm2 = Math.max(0, behindChip[i]! - bandMm2);
    return 2 * ((lengthMm - chipMm) * plain[i]! + chipMm * chipMm2);
  });
  const stones = grinders(arc, job.abrasives, job.ownLadder);
  const all = { task: 'grind a facet of the arc', volumeMm3: sum(volumes) } as const;
  const cut = quickestCut(stones, { ...arc, arcRadiusMm: null }, all, hand);
  if (!cut) return [];
  const ground = facets.flatMap(({ angleDeg, faceWidthMm }, i): LadderStep[] => {
    const volumeMm3 = volumes[i]!;
    if (volumeMm3 < 2 * lengthMm * LEAST_AREA_MM2) return [];
    const face = { ...arc, angleDeg, faceWidthMm, arcRadiusMm: null };
    const one = quickestCut([cut.stone], face, { ...all, volumeMm3 }, hand);
    if (!one) return [];
    const step = cutStep(face, one, hand, null);
    return [{ ...step, facet: { number: i + 1, of: ARC_FACETS } }];
  });
  const last = ground.length - 1;
  const facetSteps = ground.map((step, i) => ({
    ...(i === 0 ? step : withoutChangeover(step)),
    zoneAfter: i === last ? zoneAfter : null,
  }));
  const marksMm = cut.stone.form === 'file' ? PRIORS.cheekMarksMm.value : 0;
  const { finishSizeUm } = edgeTarget(tool, zoneAfter, where);
  return [
    ...facetSteps,
    ...smoothingSteps({
      face: { ...arc, faceWidthMm: arc.faceWidthMm + marksMm },
      task: 'smooth the arc',
      fromUm: cut.stone.sizeUm,
      untilUm: tool.schools.scratches === 'unscratched' ? POLISHED_UM : finishSizeUm,
      stones,
      share: PRIORS.smoothedShare.value,
      hand,
    }),
  ];
}

/** The next facet goes on with what is in the hand. */
function withoutChangeover(step: LadderStep): LadderStep {
  const share = (step.minutes - CHANGEOVER_MINUTES) / step.minutes;
  return {
    ...step,
    minutes: share * step.minutes,
    minutesLow: share * step.minutesLow,
    minutesHigh: share * step.minutesHigh,
  };
}
