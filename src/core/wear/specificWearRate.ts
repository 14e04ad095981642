import type { AbrasiveFamily, Carbide, FaceState, StropSurface } from '../../domain/terms';
import { inRange, positive } from '../check';
import { vickersHardness } from './hardness';

/** Relative bite of each abrasive (prior). */
const BITE: Record<AbrasiveFamily | StropSurface, number> = {
  file: 8,
  diamond: 1.6,
  cbn: 1.4,
  sic: 1,
  'water-stone': 1,
  ceramic: 0.8,
  alumina: 0.7,
  garnet: 0.35,
  novaculite: 0.3,
  'smooth-steel': 0,
  'grooved-steel': 0.3,
  'carbide-cutter': 0,
  leather: 0.3,
  cloth: 0.4,
  wood: 0.4,
  cardboard: 0.4,
};

/** How hard carbides slow every abrasive that is not harder than they are. */
const CARBIDE_FACTOR: Record<Carbide, number> = {
  low: 1,
  moderate: 0.85,
  high: 0.5,
  'vanadium-rich': 0.3,
};

const STATE_FACTOR: Record<FaceState, number> = {
  fresh: 1.2,
  normal: 1,
  loaded: 0.4,
  glazed: 0.4,
};

/** Hardness above which a file skates and removes nothing. */
export const FILE_LIMIT_HRC = 58;

/**
 * Wear rate k (mm³/(N·m)) of Archard and Preston, V = k·F·s:
 * 5·10⁻³ · min(1, d/100)^0.7 · a · (700/HV) · c. Zero for a file above 58 HRC, and for a smooth
 * steel, which only lays an edge straight, and for a carbide cutter, which scrapes by no such law.
 */
export function specificWearRate(input: {
  abrasive: AbrasiveFamily | StropSurface;
  sizeUm: number;
  hardnessHrc: number;
  carbide: Carbide;
  state?: FaceState;
}): number {
  const { abrasive, hardnessHrc, carbide, state = 'normal' } = input;
  const sizeUm = positive(input.sizeUm, 'sizeUm');
  const hv = vickersHardness({ hardnessHrc });
  if (abrasive === 'file' && hardnessHrc > FILE_LIMIT_HRC) return 0;
  const carbideFactor = abrasive === 'diamond' || abrasive === 'cbn' ? 1 : CARBIDE_FACTOR[carbide];
  return (
    5e-3 *
    Math.min(1, sizeUm / 100) ** 0.7 *
    inRange(BITE[abrasive], 'abrasive', 0, 10) *
    (700 / hv) *
    carbideFactor *
    STATE_FACTOR[state]
  );
}
