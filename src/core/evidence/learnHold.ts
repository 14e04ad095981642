import { flatGroup, median } from 'd3-array';
import type { Practice } from '../../domain/practice';
import type { Motion, Side } from '../../domain/terms';
import { PRIORS } from '../priors';
import { HOLD_WOBBLE_DEG, type Pace } from '../wear';
import type { HeldFigure, LearnedHold } from './heldHand';
import type { PaceEvidence } from './evidence';

/** Sets older than the newest count less by half for each time that they are older (days). */
const HALF_DAYS = 30;
const DAY_MS = 24 * 3600 * 1000;

/**
 * A hand's hold: what is usual, corrected by its practised sets, the newer the more. Each set knows its wobble to its own
 * standard error; logarithms are normal around the prior (sd of ln 0.4). Means are weighed by their errors and by what
 * a hand varies from day to day. Null where nothing was practised.
 */
export function learnHold(
  practices: readonly Practice[],
  person: string | null,
): LearnedHold | null {
  const own = practices.filter(
    (set) => (person === null || set.person === person) && set.wobble.value > 0,
  );
  if (own.length === 0) return null;
  const newest = Math.max(...own.map(({ at }) => Date.parse(at)));
  const aged = own.map((set): AgedSet => {
    const days = (newest - Date.parse(set.at)) / DAY_MS;
    return { ...set, weight: 2 ** (-days / HALF_DAYS) };
  });
  const { middle, sd } = wobbleLn(aged);
  return {
    sets: own.length,
    wobble: { value: Math.exp(middle), low: Math.exp(middle - sd), high: Math.exp(middle + sd) },
    hands: { left: handBy(aged, 'left'), right: handBy(aged, 'right') },
    backSteeper: pooled(aged, ({ backSteeper }) => backSteeper),
  };
}

type AgedSet = Practice & { weight: number };

/** ln of the wobble by some sets on the usual one. */
function wobbleLn(sets: readonly AgedSet[]): { middle: number; sd: number } {
  let weight = 1 / PRIORS.wobbleSdLn.value ** 2;
  let total = weight * Math.log(HOLD_WOBBLE_DEG.freehand);
  for (const { wobble, weight: aged } of sets) {
    const seLn = Math.max(PRIORS.wobbleSetSdLn.value, wobble.se / wobble.value);
    weight += aged / seLn ** 2;
    total += (aged / seLn ** 2) * Math.log(wobble.value);
  }
  return { middle: total / weight, sd: 1 / Math.sqrt(weight) };
}

/** A figure by some sets, weighed by its errors, by what a hand varies from day to day, and by age. */
function pooled(
  sets: readonly AgedSet[],
  figureOf: (set: Practice) => HeldFigure | null,
): HeldFigure | null {
  let [weight, total] = [0, 0];
  for (const set of sets) {
    const figure = figureOf(set);
    if (!figure) continue;
    const own = set.weight / (figure.se ** 2 + PRIORS.holdDaySdDeg.value ** 2);
    weight += own;
    total += own * figure.value;
  }
  return weight > 0 ? { value: total / weight, se: 1 / Math.sqrt(weight) } : null;
}

function handBy(sets: readonly AgedSet[], side: Side): LearnedHold['hands'][Side] {
  const own = sets.filter(({ hand }) => hand === side);
  const steeper = pooled(own, ({ mean, meantDeg }) => ({
    value: mean.value - meantDeg,
    se: mean.se,
  }));
  return steeper && { wobbleDeg: Math.exp(wobbleLn(own).middle), steeper };
}

/**
 * Practised sets as evidence of pace, by person and motion: strokes out and back where they were told, single ones else.
 * However many sets there are, all are made on a lath, where a hand goes slower than on a stone or quicker: what that may
 * amount to (sd of ln 0.5) is one error of them all.
 */
export function practisedPace(practices: readonly Practice[], pace: Pace): PaceEvidence[] {
  const timed = practices.filter(({ seconds }) => seconds > 0);
  const motionOf = ({ backSteeper }: Practice): Motion =>
    backSteeper ? 'back-and-forth' : 'sweeps';
  return flatGroup(timed, ({ person }) => person, motionOf).map(([person, motion, sets]) => {
    const latest = sets.reduce((last, set) => (set.at > last.at ? set : last));
    const { paceStepSdLn, lathPaceSdLn } = PRIORS;
    return {
      what: 'pace',
      at: latest.at,
      toolId: latest.toolId,
      person,
      motion,
      predicted: pace[motion],
      hardnessHrc: null,
      sdLn: Math.hypot(paceStepSdLn.value / Math.sqrt(sets.length), lathPaceSdLn.value),
      seen: median(sets, ({ strokes, seconds }) => (60 * strokes) / seconds)!,
    };
  });
}
