import type { LadderAbrasive } from '../ladder';
import { PRIORS } from '../priors';

/** The rear of what is gripped at both ends, or has no length of its own, is read so far behind the edge (mm). */
export const USUAL_REACH_MM = 75;
/** No stone reaches less than this behind an edge that it lies on (mm). */
const LEAST_REACH_MM = 10;

/**
 * How far behind the edge a stone reaches while it lies on it (mm), where its rear can be measured: its length less
 * what stands over the edge; null for a strop, which bends.
 */
export function reachMm(abrasive: LadderAbrasive): number | null {
  if (abrasive.kind === 'strop') return null;
  if (abrasive.form === 'file' || abrasive.form === 'paper') return USUAL_REACH_MM;
  const reach = abrasive.lengthMm - PRIORS.overEdgeMm.value;
  return Math.max(LEAST_REACH_MM, Math.min(USUAL_REACH_MM, reach));
}
