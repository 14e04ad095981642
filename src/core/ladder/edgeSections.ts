import type { Stretch } from './types';
import { PRIORS } from '../priors';

/**
 * The stretches that a long edge is worked in, heel to tip: each reaches a tenth of its length over
 * into its neighbours, so that no seam is left between them.
 */
export function edgeSections(zone: Stretch, sections: number): Stretch[] {
  const { startMm, endMm } = zone;
  const lengthMm = (endMm - startMm) / sections;
  const overMm = PRIORS.sectionOverlapShare.value * lengthMm;
  return Array.from({ length: sections }, (_, i) => ({
    startMm: Math.max(startMm, startMm + i * lengthMm - overMm),
    endMm: Math.min(endMm, startMm + (i + 1) * lengthMm + overMm),
  }));
}
