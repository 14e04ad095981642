import type { StepTask } from '../../domain/terms';
import {
  bestStropStrokes,
  finishRadiusUm,
  stropRadiusUm,
  stropRates,
  stroppedRadiusUm,
} from '../sharpness';
import { defaultForceN, specificWearRate, strokesFor, type Pace } from '../wear';
import { handling, type Handling } from './handling';
import type { Removal } from './removal';
import type { EdgeCondition, LadderStone, LadderStrop, WorkingFace } from './types';

/** Minutes to put one thing down and start with the next (prior). */
const CHANGEOVER_MINUTES = 0.5;
/** Share of an edge's dulling that is burr and ragged foil; the rest is rounding (prior). */
const DULLING_AS_BURR = 0.8;
/** Apex radius under an edge of unknown history, as a share of its target (prior). */
const KEEN_SHARE = 0.6;

/** The work of one abrasive on one edge. */
export interface AbrasiveWork {
  task: StepTask;
  handling: Handling;
  forceN: number;
  strokesPerSide: number;
  minutes: number;
  volumeMm3: number;
  wearRate: number;
  contactWidthMm: number;
  apexRadiusUm: number;
}

/** A stone's work; null where it does not bite this steel. */
export function stoneRung(
  face: WorkingFace,
  stone: LadderStone,
  removal: Removal,
  pace: Pace,
): AbrasiveWork | null {
  const { hardnessHrc, carbide } = face;
  const { family, sizeUm, state } = stone;
  const { task, volumeMm3, contactWidthMm } = removal;
  const wearRate = specificWearRate({ abrasive: family, sizeUm, hardnessHrc, carbide, state });
  if (wearRate === 0) return null;
  const way = handling(face, stone, task);
  const { stoneForceLimitN, burr, carriedBurr } = face.practice;
  const usualN = defaultForceN({ abrasive: family, sizeUm });
  const forceN = family === 'file' ? usualN : Math.min(usualN, stoneForceLimitN);
  const { strokeLengthMm } = way;
  const strokes = strokesFor({ volumeMm3, wearRate, forceN, strokeLengthMm });
  const { strokesPerSide, minutes } = wholeStrokes(strokes, way, pace);
  return {
    task,
    volumeMm3,
    contactWidthMm,
    strokesPerSide,
    minutes,
    handling: way,
    forceN,
    wearRate,
    apexRadiusUm: Math.min(
      carriedBurr * finishRadiusUm({ sizeUm, burr }),
      finishRadiusUm({ sizeUm, burr: 'standing' }),
    ),
  };
}

/** A strop's work after a stone, starting from the radius that the step before has left. */
export function stropAfterStone(
  face: WorkingFace,
  strop: LadderStrop,
  from: { stoneSizeUm: number; apexRadiusUm: number },
  targetUm: number,
  pace: Pace,
): AbrasiveWork {
  const keenUm = stroppedRadiusUm({ stropSizeUm: strop.sizeUm, stoneSizeUm: from.stoneSizeUm });
  const burrUm = Math.max(0, from.apexRadiusUm - keenUm);
  return { ...stropRung(face, strop, { keenUm, burrUm }, targetUm, pace), apexRadiusUm: keenUm };
}

/** A strop's work on a merely tired edge; null where stropping alone does not reach the target. */
export function stropAlone(
  face: WorkingFace,
  strop: LadderStrop,
  condition: EdgeCondition,
  targetUm: number,
  pace: Pace,
): AbrasiveWork | null {
  const keenUm = Math.min(condition.keenRadiusUm ?? KEEN_SHARE * targetUm, condition.apexRadiusUm);
  const dulledUm = condition.apexRadiusUm - keenUm;
  const floorUm = finishRadiusUm({ sizeUm: strop.sizeUm, burr: 'deburred' });
  const start = {
    keenUm: Math.max(floorUm, keenUm + (1 - DULLING_AS_BURR) * dulledUm),
    burrUm: DULLING_AS_BURR * dulledUm,
  };
  const rung = stropRung(face, strop, start, targetUm, pace);
  return rung.apexRadiusUm <= targetUm ? rung : null;
}

/** Strokes: the smaller of the strop's best count and the count at which the target is reached. */
function stropRung(
  face: WorkingFace,
  strop: LadderStrop,
  start: { keenUm: number; burrUm: number },
  targetUm: number,
  pace: Pace,
): AbrasiveWork {
  const { stropForceN: forceN, stropAboveApexDeg: holdAboveApexDeg } = face.practice;
  const { hardnessHrc, stainless } = face;
  const { keenUm, burrUm } = start;
  const { tau, betaUm } = stropRates({
    forceN,
    backing: strop.backing,
    hardnessHrc,
    stainless,
    holdAboveApexDeg,
  });
  const best = Math.ceil(bestStropStrokes({ burrUm, tau, betaUm }));
  const radiusAfter = (strokes: number): number =>
    stropRadiusUm({ keenUm, burrUm, tau, betaUm, strokes });
  // The curve falls up to `best`, so the first count that reaches the target can be bisected.
  let low = 0;
  let high = best;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (radiusAfter(middle) <= targetUm) high = middle;
    else low = middle + 1;
  }
  const way = handling(face, strop, 'strop');
  return {
    task: 'strop',
    handling: way,
    forceN,
    ...wholeStrokes(low, way, pace),
    volumeMm3: 0,
    wearRate: specificWearRate({ ...face, abrasive: strop.surface, sizeUm: strop.sizeUm }),
    contactWidthMm: 0,
    apexRadiusUm: radiusAfter(low),
  };
}

/** Strokes per side, the same whole number in every section, and the minutes they take. */
function wholeStrokes(
  strokes: number,
  way: Handling,
  pace: Pace,
): { strokesPerSide: number; minutes: number } {
  const perSection = Math.max(1, Math.ceil(strokes / 2 / way.sections));
  const strokesPerSide = perSection * way.sections;
  return {
    strokesPerSide,
    minutes: (2 * strokesPerSide) / pace[way.motion] + CHANGEOVER_MINUTES,
  };
}
