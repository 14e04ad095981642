import { strokesLearned } from '../evidence';
import {
  bestStropStrokes,
  dulledEdge,
  finishRadiusUm,
  stroppedEdge,
  stroppedRadiusUm,
  stropRates,
  type StropRates,
  type StropStart,
} from '../sharpness';
import { dishAngleError } from '../edge';
import { specificWearRate } from '../wear';
import { handling } from './handling';
import { bareWork, CHANGEOVER_MINUTES, type AbrasiveWork, type Hand } from './stoneWork';
import type { EdgeCondition, LadderStone, LadderStrop, WorkingFace } from './types';
import { PRIORS } from '../priors';

/** Apex radius under an edge of unknown history, as a share of its target (prior). */
export const KEEN_SHARE = PRIORS.keenShare.value;
/** An edge that is no better than this (µm) tears paper: it wants a stone. */
const TEARS_PAPER_UM = Math.sqrt(2 * 4);

/** A strop's work and the edge it leaves. */
export interface StropWork {
  work: AbrasiveWork;
  edge: Required<StropStart>;
}

/** The edge that a stone leaves, as a strop of some compound meets it. */
export function afterStone(
  stone: LadderStone,
  apexRadiusUm: number,
  strop: LadderStrop,
): StropStart {
  const keenUm = stroppedRadiusUm({ stropSizeUm: strop.sizeUm, stoneSizeUm: stone.sizeUm });
  return { keenUm, burrUm: Math.max(0, apexRadiusUm - keenUm), roundingUm: 0 };
}

/** The edge that a strop leaves, as a finer one meets it: what is above its own floor is burr. */
export function afterStrop(edge: Required<StropStart>, keenUm: number): StropStart {
  const floorUm = Math.min(edge.keenUm, keenUm);
  return { ...edge, keenUm: floorUm, burrUm: edge.burrUm + edge.keenUm - floorUm };
}

/** Closing strokes on a strop: min(n*, 1.4·τ) over both sides. */
export function closingStropWork(
  face: WorkingFace,
  strop: LadderStrop,
  start: StropStart,
  hand: Hand,
): StropWork {
  const rates = ratesOn(face, strop, hand);
  const closing = stropWork(face, strop, start, closingStrokes(start, rates), rates, hand);
  // How many strokes close it is a rule: what is done says nothing of what was needed.
  return { ...closing, work: { ...closing.work, bare: null } };
}

/**
 * A strop's work on an edge whose dulling is burr and foil; null where stropping alone does not reach
 * the radius, or the edge tears paper or worse. The least count that reaches it, at least the closing
 * strokes, and never beyond the best.
 */
export function stropAloneWork(
  face: WorkingFace,
  strop: LadderStrop,
  condition: EdgeCondition,
  target: { apexRadiusUm: number; acceptedUm: number },
  hand: Hand,
): StropWork | null {
  const { apexRadiusUm } = condition;
  if (apexRadiusUm >= TEARS_PAPER_UM) return null;
  const knownUm = condition.keenRadiusUm ?? KEEN_SHARE * target.apexRadiusUm;
  const floorUm = finishRadiusUm({ sizeUm: strop.sizeUm, burr: 'deburred' });
  const keenUm = Math.min(apexRadiusUm, Math.max(floorUm, knownUm));
  const start = dulledEdge({ keenUm, apexRadiusUm });
  const rates = ratesOn(face, strop, hand);
  const best = bestStropStrokes({ ...start, ...rates });
  const least = closingStrokes(start, rates);
  const within = [target.apexRadiusUm, target.acceptedUm].find(
    (radiusUm) => radiusAt(start, rates, best) <= radiusUm,
  );
  if (within === undefined) return null;
  // The curve falls up to its best count, so the first count that reaches the radius can be bisected.
  let low = 0;
  let high = Math.ceil(best);
  while (low < high) {
    const middle = (low + high) >> 1;
    if (radiusAt(start, rates, Math.min(middle, best)) <= within) high = middle;
    else low = middle + 1;
  }
  const done = stropWork(face, strop, start, Math.min(best, Math.max(low, least)), rates, hand);
  if (low < least) done.work.bare = null;
  // Rounding up to equal sides may step a little past the best count.
  return done.work.apexRadiusUm <= target.acceptedUm ? done : null;
}

function radiusAt(start: StropStart, rates: StropRates, strokes: number): number {
  const { keenUm, burrUm, roundingUm } = stroppedEdge({ ...start, ...rates, strokes });
  return keenUm + burrUm + roundingUm;
}

function closingStrokes(start: StropStart, rates: StropRates): number {
  return Math.min(bestStropStrokes({ ...start, ...rates }), PRIORS.closingDecays.value * rates.tau);
}

/** The strop's rates in this hand: one that takes twice the strokes wears burr and apex half as fast. */
export function ratesOn(face: WorkingFace, strop: LadderStrop, { learned }: Hand): StropRates {
  const { hardnessHrc, stainless, practice } = face;
  const { factor } = strokesLearned(learned, { id: strop.id, family: strop.surface });
  const { tau, betaUm, loaded } = stropRates({
    forceN: practice.stropForceN,
    // What gives way comes up at the apex as if it were held steeper.
    holdAboveApexDeg: practice.stropAboveApexDeg + dishAngleError(strop),
    backing: strop.backing,
    surface: strop.surface,
    loaded: strop.loaded,
    hardnessHrc,
    stainless,
  });
  return { tau: tau * factor, betaUm: betaUm / factor, loaded };
}

function stropWork(
  face: WorkingFace,
  strop: LadderStrop,
  start: StropStart,
  strokes: number,
  rates: StropRates,
  hand: Hand,
): StropWork {
  const way = handling(face, strop, false);
  const { factor } = strokesLearned(hand.learned, { id: strop.id, family: strop.surface });
  const exact = { strokes, minutes: strokes / hand.pace[way.motion] };
  const strokesPerSide = Math.max(1, Math.ceil(strokes / 2));
  const edge = stroppedEdge({ ...start, ...rates, strokes: 2 * strokesPerSide });
  return {
    edge,
    work: {
      task: 'strop',
      heldFactor: 1,
      handling: way,
      forceN: face.practice.stropForceN,
      strokesPerSide,
      stretch: null,
      passStrokes: null,
      minutes: (2 * strokesPerSide) / hand.pace[way.motion] + CHANGEOVER_MINUTES,
      volumeMm3: 0,
      wearRate: specificWearRate({
        abrasive: strop.surface,
        sizeUm: strop.sizeUm,
        hardnessHrc: face.hardnessHrc,
        carbide: face.carbide,
      }),
      contactWidthMm: 0,
      apexRadiusUm: edge.keenUm + edge.burrUm + edge.roundingUm,
      bare: bareWork(hand, way.motion, factor, exact),
    },
  };
}
