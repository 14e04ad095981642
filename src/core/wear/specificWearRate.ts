import { FAMILIES, type AbrasiveFamily, type StropSurface } from '../../domain/families';
import type { Carbide, FaceState } from '../../domain/terms';
import { inRange, positive } from '../check';
import { vickersHardness } from './hardness';

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
  if (FAMILIES[abrasive]?.isFile && hardnessHrc > FILE_LIMIT_HRC) return 0;
  const carbideFactor = FAMILIES[abrasive]?.harderThanCarbides ? 1 : CARBIDE_FACTOR[carbide];
  return (
    5e-3 *
    Math.min(1, sizeUm / 100) ** 0.7 *
    inRange(FAMILIES[abrasive]?.bite, 'abrasive', 0, 10) *
    (700 / hv) *
    carbideFactor *
    STATE_FACTOR[state]
  );
}
