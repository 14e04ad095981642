import type { AbrasiveFamily, StropSurface } from '../../domain/terms';
import { positive } from '../check';

const STROPS: readonly string[] = ['leather', 'cloth', 'wood'];

/**
 * Default force (N): clamp(4·(d/3)^0.3, 3, 15) on stones, 28 on a file held in one hand and 45 in
 * two, 4 on strops.
 */
export function defaultForceN(input: {
  abrasive: AbrasiveFamily | StropSurface;
  sizeUm: number;
  hands?: 1 | 2;
}): number {
  if (input.abrasive === 'file') return input.hands === 2 ? 45 : 28;
  if (STROPS.includes(input.abrasive)) return 4;
  return Math.min(15, Math.max(3, 4 * (positive(input.sizeUm, 'sizeUm') / 3) ** 0.3));
}

/** Words for a force, each with the newtons it stands for. */
export const FORCE_WORDS = [
  { word: 'own weight', forceN: 1.5 },
  { word: 'light', forceN: 4 },
  { word: 'medium', forceN: 8 },
  { word: 'firm', forceN: 15 },
  { word: 'hard', forceN: 28 },
] as const;

/** The word nearest to a force, on a log scale. */
export function forceInWords(input: { forceN: number }): (typeof FORCE_WORDS)[number]['word'] {
  const forceN = positive(input.forceN, 'forceN');
  return FORCE_WORDS.reduce((best, next) =>
    Math.abs(Math.log(next.forceN / forceN)) < Math.abs(Math.log(best.forceN / forceN))
      ? next
      : best,
  ).word;
}

/**
 * Contact pressure (MPa) and what it warns of: below 0.02 the edge may skate, above 5 it scores
 * soft stones and raises burr. Removal itself depends on force alone.
 */
export function contactPressure(input: {
  forceN: number;
  faceWidthMm: number;
  contactLengthMm: number;
}): { pressureMpa: number; warning: 'may-skate' | 'may-score' | null } {
  const pressureMpa =
    positive(input.forceN, 'forceN') /
    (positive(input.faceWidthMm, 'faceWidthMm') *
      positive(input.contactLengthMm, 'contactLengthMm'));
  return {
    pressureMpa,
    warning: pressureMpa < 0.02 ? 'may-skate' : pressureMpa > 5 ? 'may-score' : null,
  };
}
