import type { SessionStep } from '../../domain/session';
import type { CountScheme } from '../../domain/terms';

/** Strokes in one section before the hand goes on to the next, at most, on the way to the toe and back. */
const MOST_A_VISIT = 5;

/**
 * The section under the hand after `count` strokes on a side, from 0 at the heel: each in turn with its
 * share of the strokes, or to the toe and back again and again.
 */
export function sectionUnder(
  { plannedPerSide, sections }: Pick<SessionStep, 'plannedPerSide' | 'sections'>,
  count: number,
  scheme: CountScheme,
): number {
  if (scheme === 'heel to toe and back') {
    const visits = 2 * sections;
    const each = Math.min(MOST_A_VISIT, Math.max(1, Math.floor(plannedPerSide / visits)));
    const visit = Math.floor(count / each) % visits;
    return visit < sections ? visit : visits - 1 - visit;
  }
  const each = Math.max(1, Math.ceil(plannedPerSide / sections));
  return Math.min(sections - 1, Math.floor(count / each));
}

/** Which way the next stroke goes, where strokes go out and back in turn. */
export function nextWay(count: number, scheme: CountScheme): 'out' | 'back' | null {
  if (scheme !== 'out and back') return null;
  return count % 2 === 0 ? 'out' : 'back';
}
