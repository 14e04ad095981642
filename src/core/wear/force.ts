import {
  FAMILIES,
  STROP_SURFACES,
  type AbrasiveFamily,
  type StropSurface,
} from '../../domain/families';
import type { HeldWay } from '../../domain/terms';
import type { ToolForm } from '../../domain/kinds';
import { positive } from '../check';
import { PRIORS } from '../priors';

const FILE_FORCE_N = { knife: 28, axe: 45, machete: 45 } as const;
/**
 * Usual force (N, prior), by how the thing is held; the first that fits: strop 4; file 45 in two
 * hands (axes, machetes), 28 in one; damage, thinning and flattening on 20 µm and coarser 15, also in the hand; a
 * stone moved over a braced axe 12; a stone or rod in one hand and a knife in the other 4; else
 * clamp(4·(d/3)^0.3, 3, 15).
 */
export function defaultForceN(input: {
  abrasive: AbrasiveFamily | StropSurface;
  sizeUm: number;
  toolForm: ToolForm;
  held: HeldWay;
  /** Damage, thinning or flattening. */
  heavy: boolean;
}): number {
  const { abrasive, toolForm, held, heavy } = input;
  const sizeUm = positive(input.sizeUm, 'sizeUm');
  if ((STROP_SURFACES as readonly string[]).includes(abrasive)) return PRIORS.stropForceN.value;
  if (FAMILIES[abrasive].isFile) return FILE_FORCE_N[toolForm];
  if (heavy && sizeUm >= PRIORS.heavyFromUm.value) return PRIORS.heavyForceN.value;
  if (toolForm === 'axe' && held === 'braced') return PRIORS.bracedForceN.value;
  if (toolForm === 'knife' && held === 'in the hand') return PRIORS.inHandForceN.value;
  return Math.min(15, Math.max(3, 4 * (sizeUm / 3) ** 0.3));
}

/** Words for a force, each with the newtons it stands for. */
export const FORCE_WORDS = [
  { word: 'own weight', forceN: 1.5 },
  { word: 'light', forceN: 4 },
  { word: 'medium', forceN: 8 },
  { word: 'firm', forceN: 15 },
  { word: 'hard', forceN: 28 },
  { word: 'two hands', forceN: 45 },
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
