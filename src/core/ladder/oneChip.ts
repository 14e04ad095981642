import type { Stretch } from './types';
import { PRIORS } from '../priors';

/** The stretch that one chip in the middle of an edge asks for. */
export function oneChip({ startMm, endMm }: Stretch): Stretch {
  const middleMm = (startMm + endMm) / 2;
  return {
    startMm: Math.max(0, middleMm - PRIORS.chipHalfMm.value),
    endMm: middleMm + PRIORS.chipHalfMm.value,
  };
}
