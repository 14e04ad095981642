import { mean } from 'd3-array';
import type { StepDone } from '../log';

/** Strokes done against strokes planned, in the middle of some steps. */
interface Met {
  /** How many times the planned strokes it took. */
  times: number;
  /** By how much it missed either way, as a share: 0.4 where plans were four tenths off. */
  off: number;
  /** The first of the steps. */
  from: string;
}

/** How near plans came to what a hand took, at first and lately. */
export interface PlansMet {
  first: Met;
  latest: Met;
  steps: number;
}

/** So many of the first steps are held against as many of the latest. */
const EACH = 5;

/** Planned strokes against strokes done; null under ten steps. `steps` are oldest first. */
export function plansMet(steps: readonly StepDone[]): PlansMet | null {
  const counted = steps.filter(({ evidence }) => evidence !== null);
  if (counted.length < 2 * EACH) return null;
  return {
    first: met(counted.slice(0, EACH)),
    latest: met(counted.slice(-EACH)),
    steps: counted.length,
  };
}

function met(steps: readonly StepDone[]): Met {
  const lns = steps.map(({ ofPlan }) => Math.log(ofPlan));
  return {
    times: Math.exp(mean(lns)!),
    off: Math.exp(mean(lns, Math.abs)!) - 1,
    from: steps[0]!.at,
  };
}
