import type { Practice } from '../../domain/practice';
import type { Side } from '../../domain/terms';
import { HOLD_WOBBLE_DEG } from '../wear';
import { PRIORS } from '../priors';

/** What practice has taught of a hand’s wobble (degrees). */
export interface LearnedWobble {
  value: number;
  /** Two in three lie between. */
  low: number;
  high: number;
  /** Sets behind it. */
  sets: number;
}

/** Sets older than this count less by half for each time that they are older (days). */
const HALF_DAYS = 30;
const DAY_MS = 24 * 3600 * 1000;

/**
 * A hand’s wobble freehand: what is usual, corrected by its practised sets, the newer the more. Each set knows it to
 * its own standard error; logarithms are normal around the prior (sd of ln 0.4).
 */
export function learnedWobble(input: {
  practices: readonly Practice[];
  /** Whose; everybody’s where nobody is named. */
  person: string | null;
  /** Which hand; both where nothing is said. */
  hand?: Side;
  nowMs: number;
}): LearnedWobble {
  const { practices, person, hand, nowMs } = input;
  const own = practices.filter(
    (set) =>
      (person === null || set.person === person) &&
      (hand === undefined || set.hand === hand) &&
      set.wobble.value > 0,
  );
  let weight = 1 / PRIORS.wobbleSdLn.value ** 2;
  let total = weight * Math.log(HOLD_WOBBLE_DEG.freehand);
  for (const { wobble, at } of own) {
    const seLn = Math.max(PRIORS.wobbleSetSdLn.value, wobble.se / wobble.value);
    const age = Math.max(0, nowMs - Date.parse(at)) / DAY_MS;
    const of = 2 ** (-age / HALF_DAYS) / seLn ** 2;
    weight += of;
    total += of * Math.log(wobble.value);
  }
  const middle = total / weight;
  const sd = 1 / Math.sqrt(weight);
  return {
    value: Math.exp(middle),
    low: Math.exp(middle - sd),
    high: Math.exp(middle + sd),
    sets: own.length,
  };
}
