import type { Stretch } from './types';

/** Half of the length that is worked around one chip (mm, prior). */
const HALF_MM = 30;

/** The stretch that one chip in the middle of an edge asks for. */
export function oneChip({ startMm, endMm }: Stretch): Stretch {
  const middleMm = (startMm + endMm) / 2;
  return { startMm: Math.max(0, middleMm - HALF_MM), endMm: middleMm + HALF_MM };
}
