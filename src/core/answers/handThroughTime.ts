import { mean } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import type { InkSeen } from '../../domain/terms';

/** How evenly both sides were worked, at first and lately: the left side's share of the strokes. */
export interface SideBalance {
  then: number;
  now: number;
  /** Mean distance from a half, then and now. */
  offThen: number;
  offNow: number;
  steps: number;
}

/** How well the angle was held, by ink: the share of looks that found it gone to the edge. */
export interface HoldByInk {
  then: number;
  now: number;
  /** What was seen most often where it was not; null where it always was. */
  fault: InkSeen | null;
  looks: number;
}

/** Fewer steps, or looks at ink, than this say nothing. */
const FEWEST = 8;
/** Shorter steps are uneven by chance. */
const LEAST_STROKES = 20;

/** Left against right in the older half of a hand's steps and in the newer. `log` is oldest first. */
export function sideBalance(log: readonly LoggedSession[]): SideBalance | null {
  const shares = log
    .flatMap(({ steps }) => steps)
    .filter(({ left, right }) => left + right >= LEAST_STROKES)
    .map(({ left, right }) => left / (left + right));
  if (shares.length < FEWEST) return null;
  const [older, newer] = halves(shares);
  const off = (of: readonly number[]): number => mean(of, (share) => Math.abs(share - 0.5))!;
  return {
    then: mean(older)!,
    now: mean(newer)!,
    offThen: off(older),
    offNow: off(newer),
    steps: shares.length,
  };
}

/** What ink told of the hold in the older half of all looks and in the newer. `log` is oldest first. */
export function holdByInk(log: readonly LoggedSession[]): HoldByInk | null {
  const seen = log.flatMap(({ steps }) =>
    steps.flatMap(({ inkChecks }) => inkChecks.map((check) => check.seen)),
  );
  if (seen.length < FEWEST) return null;
  const [older, newer] = halves(seen);
  const good = (of: readonly InkSeen[]): number => mean(of, (each) => Number(isGone(each)))!;
  return {
    then: good(older),
    now: good(newer),
    looks: seen.length,
    fault: commonest(seen.filter((each) => !isGone(each))),
  };
}

function isGone(seen: InkSeen): boolean {
  return seen === 'gone to the edge';
}

function commonest(faults: readonly InkSeen[]): InkSeen | null {
  const times = (fault: InkSeen): number => faults.filter((each) => each === fault).length;
  return faults.reduce<InkSeen | null>(
    (most, fault) => (most === null || times(fault) > times(most) ? fault : most),
    null,
  );
}

/** The older half and the newer; the one in the middle of an odd number is in neither. */
function halves<T>(values: readonly T[]): [T[], T[]] {
  const half = Math.floor(values.length / 2);
  return [values.slice(0, half), values.slice(-half)];
}
