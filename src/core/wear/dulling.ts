import type { Carbide } from '../../domain/terms';
import type { TripTask } from '../../domain/tripTasks';
import { PRIORS } from '../priors';
import { vickersHardness } from './hardness';

const CARBIDE_SHARE: Record<Carbide, number> = {
  low: 1,
  moderate: 0.85,
  high: 0.65,
  'vanadium-rich': 0.5,
};
/** How a task wears one edge. */
export interface EdgeWear {
  /** Growth of the apex radius (µm) in an hour. */
  umPerHour: number;
  chipsPerHour: number;
}

/**
 * A task's dulling times 653/HV and the carbides' share; chips ∝ (20/θ)²·e^((HRC − 58)/6). The angle
 * acts on chips alone.
 */
export function edgeWear(
  task: Pick<TripTask, 'dullingUmPerHour' | 'chipsPerHour'>,
  edge: { angleDeg: number; hardnessHrc: number; carbide: Carbide },
): EdgeWear {
  const { angleDeg, hardnessHrc, carbide } = edge;
  const hv = vickersHardness({ hardnessHrc });
  const flatter = PRIORS.chipReferenceDeg.value / angleDeg;
  const harder = hardnessHrc - PRIORS.chipReferenceHrc.value;
  return {
    umPerHour:
      (task.dullingUmPerHour * PRIORS.dullingReferenceHv.value * CARBIDE_SHARE[carbide]) / hv,
    chipsPerHour: task.chipsPerHour * flatter ** 2 * Math.exp(harder / PRIORS.chipFoldHrc.value),
  };
}
