import type { Carbide } from '../../domain/terms';
import type { TripTask } from '../../domain/tripTasks';
import { vickersHardness } from './hardness';

/** Vickers hardness of the steel that the rates are told for, 58 HRC. */
const REFERENCE_HV = 653;
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
  return {
    umPerHour: (task.dullingUmPerHour * REFERENCE_HV * CARBIDE_SHARE[carbide]) / hv,
    chipsPerHour: task.chipsPerHour * (20 / angleDeg) ** 2 * Math.exp((hardnessHrc - 58) / 6),
  };
}
