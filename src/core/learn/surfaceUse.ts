import type { LoggedSession } from '../../domain/loggedSession';

/** What was done on one surface since it was last made fresh. */
export interface SurfaceUse {
  /** Strokes over both sides. */
  strokes: number;
  /** Touch-ups that it had a part in. */
  sessions: number;
  /** When the first of them began; ISO 8601. */
  firstAt: string;
}

/**
 * Use of every surface that the log knows, by its id, since the moment it was made fresh; over the
 * whole log where none is given. What is not finished does not count yet.
 */
export function surfaceUse(
  sessions: readonly LoggedSession[],
  freshAt: (itemId: string) => string | null,
): Record<string, SurfaceUse> {
  const uses = new Map<string, SurfaceUse>();
  for (const { finishedAt, startedAt, steps } of sessions) {
    if (finishedAt === null) continue;
    const counted = new Set<string>();
    for (const { itemId, left, right } of steps) {
      const since = freshAt(itemId);
      if (left + right === 0 || (since !== null && startedAt < since)) continue;
      const use = uses.get(itemId) ?? { strokes: 0, sessions: 0, firstAt: startedAt };
      if (startedAt < use.firstAt) use.firstAt = startedAt;
      use.strokes += left + right;
      if (!counted.has(itemId)) use.sessions += 1;
      counted.add(itemId);
      uses.set(itemId, use);
    }
  }
  return Object.fromEntries(uses);
}
