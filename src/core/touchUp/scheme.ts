import type { SessionStep } from '../../domain/session';
import type { CountScheme, Side } from '../../domain/terms';

/** Strokes of one set. */
const SET = 10;
/** A countdown starts no higher: 10, 9, 8 … is 55 strokes a side. */
const COUNTDOWN_FROM = 10;

/** Strokes of each set, first on one side and then on the other, until the plan for a side is met. */
export function setsOf(scheme: CountScheme, plannedPerSide: number): number[] {
  switch (scheme) {
    case 'a side at a time':
    case 'heel to toe and back':
      return plannedPerSide > 0 ? [plannedPerSide] : [];
    case 'sets of ten':
      return split(plannedPerSide, SET);
    case 'alternate':
      return split(plannedPerSide, 1);
    case 'out and back':
      // A stroke out and one back belong together.
      return split(2 * Math.ceil(plannedPerSide / 2), SET);
    case 'countdown':
      return countdown(plannedPerSide);
  }
}

function split(strokes: number, size: number): number[] {
  const whole = Array<number>(Math.floor(strokes / size)).fill(size);
  return strokes % size > 0 ? [...whole, strokes % size] : whole;
}

/** 7, 6, 5 … 1, begun anew with what is left. */
function countdown(strokes: number): number[] {
  if (strokes <= 0) return [];
  // The highest start whose countdown fits: k·(k + 1)/2 ≤ strokes.
  const from = Math.min(COUNTDOWN_FROM, Math.floor((Math.sqrt(8 * strokes + 1) - 1) / 2));
  const sets = Array.from({ length: from }, (_, i) => from - i);
  return [...sets, ...countdown(strokes - (from * (from + 1)) / 2)];
}

/** Where the hand is among the sets: the side, the set, and how much of it is done on that side. */
export interface HandInSets {
  side: Side;
  set: number;
  size: number;
  done: number;
}

/** Where the hand is after the strokes so far, past the last set too; null without any. */
export function handInSets(
  sets: readonly number[],
  { left, right }: Pick<SessionStep, 'left' | 'right'>,
): HandInSets | null {
  let from = 0;
  for (const [set, size] of sets.entries()) {
    const to = from + size;
    if (left < to) return { side: 'left', set, size, done: Math.max(0, left - from) };
    if (right < to) return { side: 'right', set, size, done: Math.max(0, right - from) };
    from = to;
  }
  const last = sets.at(-1);
  if (last === undefined) return null;
  // Past the plan the hand goes on as it went.
  const more = Math.floor((Math.min(left, right) - from) / last);
  const start = from + more * last;
  const [side, count] =
    left - start < last ? (['left', left] as const) : (['right', right] as const);
  return { side, set: sets.length + more, size: last, done: Math.max(0, count - start) };
}
