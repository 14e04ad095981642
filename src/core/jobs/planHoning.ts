import type { Tool, Zone } from '../../domain/tool';
import {
  whyUnfit,
  workingFace,
  type LadderAbrasive,
  type LadderPlan,
  type LadderStone,
} from '../ladder';
import type { Pace } from '../wear';
import { countedStep } from './countedStep';

/** Strokes a side that lay a turned edge straight (prior): more only wear it. */
const HONE_STROKES_PER_SIDE = 5;
/** Little more than the tool's own weight. */
const HONE_FORCE_N = 3;
/** Share of a turned edge's dulling that is real rounding, which a hone leaves (prior). */
const ROUNDING_SHARE = 0.2;
/** A ceramic rod no coarser than this (µm) straightens more than it cuts. */
const FINE_ROD_UM = 10;

/** What can serve as a hone, the best first: a smooth steel, then fine ceramic rods. */
export function hones(abrasives: readonly LadderAbrasive[]): LadderStone[] {
  return abrasives
    .filter((abrasive): abrasive is LadderStone => abrasive.kind === 'stone')
    .filter(
      ({ family, form, sizeUm }) =>
        family === 'smooth-steel' ||
        (family === 'ceramic' && form === 'rod' && sizeUm <= FINE_ROD_UM),
    )
    .sort((a, b) => a.sizeUm - b.sizeUm || (a.id < b.id ? -1 : 1));
}

/** Radius (µm) that a turned edge keeps after honing; where the last finish is unknown, guessed. */
export function honedApexUm(input: {
  apexUm: number;
  keenUm: number | null;
  targetUm: number;
}): number {
  const keenUm = Math.min(input.apexUm, input.keenUm ?? 0.8 * input.targetUm);
  return keenUm + ROUNDING_SHARE * (input.apexUm - keenUm);
}

/** A few light strokes on a hone; out of reach where none is at hand. */
export function planHoning(input: {
  tool: Tool;
  zone: Zone;
  apexRadiusUm: number;
  keenRadiusUm: number | null;
  abrasives: readonly LadderAbrasive[];
  pace: Pace;
}): LadderPlan {
  const { tool, zone, pace } = input;
  const face = workingFace(tool, zone);
  const [hone] = hones(input.abrasives);
  const apexRadiusUm = honedApexUm({
    apexUm: input.apexRadiusUm,
    keenUm: input.keenRadiusUm,
    targetUm: zone.targetApexUm,
  });
  const none = { missingStone: null, leftOut: [] };
  if (!hone) {
    return {
      ...none,
      outcome: 'out of reach',
      steps: [],
      minutes: 0,
      apexRadiusUm: input.apexRadiusUm,
      leftOut: input.abrasives.map((abrasive) => ({
        id: abrasive.id,
        name: abrasive.name,
        reason: whyUnfit(abrasive, face) ?? 'it cuts: a turned edge is laid straight, not ground',
      })),
    };
  }
  const step = countedStep({
    face,
    abrasive: { ...hone, lubricant: 'dry' },
    task: 'lay a turned edge straight',
    strokesPerSide: HONE_STROKES_PER_SIDE,
    strokeLengthMm: 0.9 * hone.lengthMm,
    forceN: HONE_FORCE_N,
    apexRadiusUm,
    pace,
  });
  return { ...none, outcome: 'planned', steps: [step], minutes: step.minutes, apexRadiusUm };
}
