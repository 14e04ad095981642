import { millisecondsInDay as DAY_MS } from 'date-fns/constants';
import { sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';

/** What was done on one surface since it was last made fresh. */
export interface SurfaceUse {
  /** Each session that it had a part in, oldest first: when it was (ms), and its strokes over both sides. */
  uses: { atMs: number; strokes: number }[];
}

/** Days of use that tell the pace of a surface. */
const PACE_DAYS = 90;

/**
 * Use of every surface that the log knows, by its id, since the moment it was made fresh; over the
 * whole log where none is given. What is not finished does not count yet.
 */
export function surfaceUse(
  sessions: readonly LoggedSession[],
  freshAt: (itemId: string) => string | null,
): Map<string, SurfaceUse> {
  const all = new Map<string, SurfaceUse>();
  for (const { finishedAt, startedAt, steps } of sessions) {
    if (finishedAt === null) continue;
    const atMs = Date.parse(startedAt);
    for (const { itemId, left, right } of steps) {
      const since = freshAt(itemId);
      if (left + right === 0 || (since !== null && atMs < Date.parse(since))) continue;
      const { uses } = all.get(itemId) ?? { uses: [] };
      const last = uses.at(-1);
      if (last?.atMs === atMs) last.strokes += left + right;
      else uses.push({ atMs, strokes: left + right });
      all.set(itemId, { uses });
    }
  }
  for (const { uses } of all.values()) uses.sort((a, b) => a.atMs - b.atMs);
  return all;
}

/** Strokes on a surface after a moment; all of them where none is given. */
export function strokesSince({ uses }: SurfaceUse, sinceMs = -Infinity): number {
  return sum(uses, ({ atMs, strokes }) => (atMs > sinceMs ? strokes : 0));
}

/** Strokes a week over the last 90 days, or over what there is of them; 0 where it was not used. */
export function strokesAWeek({ uses }: SurfaceUse, nowMs: number): number {
  const from = nowMs - PACE_DAYS * DAY_MS;
  const latest = uses.filter(({ atMs }) => atMs > from);
  // A surface that is older than that has its whole span to tell by.
  const since = Math.max(from, uses[0]?.atMs ?? from);
  const weeks = Math.max(1, (nowMs - since) / (7 * DAY_MS));
  return sum(latest, ({ strokes }) => strokes) / weeks;
}
