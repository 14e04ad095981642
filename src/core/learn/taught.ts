import type { RatioSum } from './calibrate';
import { familyFactor, OWN_STEPS, ownFactor, type LearnedStep } from './learnFromLog';
import type { Learned } from './learnedHand';

/** What a log has taught of one thing, step by step. */
export interface Taught {
  itemId: string;
  /** Its own steps, oldest first; those stopped early among them. */
  steps: LearnedStep[];
  /** The factor before the first of its own steps, and after each that counts. */
  course: Learned[];
  now: Learned;
  /** The mean of its latest steps, where that has left the range; null where it has not. */
  drift: { steps: number; factor: number } | null;
}

/** So many of the latest steps are held against the range. */
const LATEST = 4;

/**
 * How a thing's factor narrowed: by its family's steps while it has few of its own, and by its own
 * from the third on. `steps` are those of the whole log, oldest first.
 */
export function taughtOf(
  itemId: string,
  family: LearnedStep['family'],
  steps: readonly LearnedStep[],
): Taught {
  const kin = steps.filter((step) => step.family === family && !step.stoppedEarly);
  const own = steps.filter((step) => step.itemId === itemId);
  const counted = own.filter(({ stoppedEarly }) => !stoppedEarly);
  const known: RatioSum = { count: 0, sumLn: 0 };
  const ofOwn: RatioSum = { count: 0, sumLn: 0 };
  const course = Array.from({ length: counted.length + 1 }, (_, count): Learned => {
    const newest = counted[count - 1];
    if (newest) add(ofOwn, newest);
    // At its latest step everything is known, what came after it too.
    const until = count === counted.length ? Infinity : (newest?.at ?? '');
    while (known.count < kin.length && (until === Infinity || kin[known.count]!.at <= until))
      add(known, kin[known.count]!);
    const byFamily = familyFactor(known);
    return count >= OWN_STEPS ? ownFactor(ofOwn, byFamily) : { ...byFamily, steps: count };
  });
  const now = course.at(-1)!;
  return { itemId, steps: own, course, now, drift: driftOf(counted, now) };
}

function add(sum: RatioSum, { ratio }: LearnedStep): void {
  sum.count += 1;
  sum.sumLn += Math.log(ratio);
}

function driftOf(counted: readonly LearnedStep[], { factor, sdLn }: Learned): Taught['drift'] {
  if (counted.length <= LATEST) return null;
  const latest = counted.slice(-LATEST);
  const mean = latest.reduce((sum, { ratio }) => sum + Math.log(ratio), 0) / LATEST;
  return Math.abs(mean - Math.log(factor)) > sdLn
    ? { steps: LATEST, factor: Math.exp(mean) }
    : null;
}
