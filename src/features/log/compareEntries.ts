import { sum } from 'd3-array';
import { seenApex } from '../../core/sharpness';
import type { LoggedSession } from '../../domain/loggedSession';

/** How a newer entry differs from an older one. */
export interface Compared {
  /** Strokes and time over those of the older one, less one. */
  strokes: number;
  minutes: number;
  /** How the edge came and how it was left, against the older one; null where one was not tested. */
  before: 'keener' | 'rounder' | 'the same' | null;
  after: 'keener' | 'rounder' | 'the same' | null;
}

/** Radii closer than this (ln) are one test. */
const SAME_LN = 0.2;

type Seen = LoggedSession['before'];

/** `byTester` reads grams by the person's own tester. */
export function compareEntries(
  older: LoggedSession,
  newer: LoggedSession,
  byTester: (seen: Seen) => Seen = (seen) => seen,
): Compared {
  const against = (from: Seen, to: Seen) => radiiAgainst(byTester(from), byTester(to));
  return {
    strokes: share(strokesOf(older), strokesOf(newer)),
    minutes: share(secondsOf(older), secondsOf(newer)),
    before: against(older.before, newer.before),
    after: against(older.after, newer.after),
  };
}

function share(older: number, newer: number): number {
  return older > 0 ? newer / older - 1 : 0;
}

function strokesOf({ steps }: LoggedSession): number {
  return sum(steps, ({ left, right }) => left + right);
}

function secondsOf({ steps }: LoggedSession): number {
  return sum(steps, ({ activeSeconds }) => activeSeconds);
}

function radiiAgainst(older: Seen, newer: Seen) {
  const [from, to] = [seenApex(older), seenApex(newer)];
  if (!from || !to) return null;
  const ln = Math.log(to.apexRadiusUm / from.apexRadiusUm);
  if (Math.abs(ln) < SAME_LN) return 'the same';
  return ln > 0 ? 'rounder' : 'keener';
}
