import { FAMILIES } from '../../domain/families';
import { dulledEdge } from '../sharpness';
import {
  whyUnfit,
  workingFace,
  type Hand,
  type LadderAbrasive,
  type LadderStone,
  type WorkingFace,
} from '../ladder';
import { countedStep } from './countedStep';
import type { EdgeJob } from './edgeJob';
import { NO_PLAN, planOfSteps, type JobPlan } from './jobPlan';
import { PRIORS } from '../priors';

/** A ceramic rod no coarser than this (µm) straightens more than it cuts. */
const FINE_ROD_UM = 10;

/** What can serve as a hone, the best first: a smooth steel, then fine ceramic rods. */
export function hones(abrasives: readonly LadderAbrasive[]): LadderStone[] {
  const steelFirst = ({ family }: LadderStone): number =>
    FAMILIES[family].does === 'straightens' ? 0 : 1;
  return abrasives
    .filter((abrasive): abrasive is LadderStone => abrasive.kind === 'stone')
    .filter(
      ({ family, form, sizeUm }) =>
        FAMILIES[family].does === 'straightens' ||
        (family === 'ceramic' && (form === 'rod' || form === 'steel') && sizeUm <= FINE_ROD_UM),
    )
    .sort((a, b) => steelFirst(a) - steelFirst(b) || a.sizeUm - b.sizeUm || (a.id < b.id ? -1 : 1));
}

/** Radius (µm) that a turned edge keeps after honing: what is burr and foil goes, rounding stays. */
export function honedApexUm(input: {
  apexUm: number;
  keenUm: number | null;
  targetUm: number;
}): number {
  const { apexUm } = input;
  const keenUm = Math.min(apexUm, input.keenUm ?? PRIORS.honedKeenShare.value * input.targetUm);
  return apexUm - dulledEdge({ keenUm, apexRadiusUm: apexUm }).burrUm;
}

/** A few strokes that lay a turned edge straight. */
export function planHone(edge: EdgeJob): JobPlan {
  const { tool, zone } = edge;
  return findHone({
    ...edge,
    face: workingFace(tool, zone),
    targetApexUm: zone.targetApexUm,
  });
}

/** A few light strokes on the best hone there is for a face; out of reach where none is at hand. */
export function findHone(input: {
  face: WorkingFace;
  targetApexUm: number;
  apexRadiusUm: number;
  keenRadiusUm: number | null;
  abrasives: readonly LadderAbrasive[];
  hand: Hand;
}): JobPlan {
  const { face, hand, apexRadiusUm } = input;
  const [hone] = hones(input.abrasives);
  if (!hone) {
    return {
      ...NO_PLAN,
      outcome: 'out of reach',
      apexRadiusUm,
      leftOut: input.abrasives.map((abrasive) => ({
        id: abrasive.id,
        name: abrasive.name,
        reason: whyUnfit(abrasive, face) ?? { kind: 'cuts' },
      })),
    };
  }
  const honedUm = honedApexUm({
    apexUm: apexRadiusUm,
    keenUm: input.keenRadiusUm,
    targetUm: input.targetApexUm,
  });
  const step = countedStep({
    face,
    abrasive: { ...hone, lubricant: 'dry' },
    task: 'lay a turned edge straight',
    strokesPerSide:
      FAMILIES[hone.family].does === 'straightens'
        ? PRIORS.steelStrokes.value
        : PRIORS.ceramicStrokes.value,
    strokeLengthMm: 0.9 * hone.lengthMm,
    forceN: PRIORS.honeForceN.value,
    apexRadiusUm: honedUm,
    hand,
  });
  return planOfSteps([step], honedUm);
}
