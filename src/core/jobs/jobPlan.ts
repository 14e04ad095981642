import type { Zone } from '../../domain/tool';
import { LADDER_RUNGS, type LadderPlan } from '../ladder';

/** A plan that may also change what the zone measures; `zoneAfter` is null where it does not. */
export interface JobPlan extends LadderPlan {
  zoneAfter: Zone | null;
}

/** Rungs that set an apex: on a stone, for stropping alone does not reach what was not ground. */
export const APEX_RUNGS = LADDER_RUNGS.slice(1);

/** A job with nothing to do or nothing to do it with, from the ladder that says why. */
export function withoutSteps(ladder: LadderPlan, outcome: 'leave alone' | 'out of reach'): JobPlan {
  return { ...ladder, outcome, steps: [], minutes: 0, zoneAfter: null };
}
