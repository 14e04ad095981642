import { median, pairs } from 'd3-array';
import { differenceInDays } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';

/** How long an edge goes between two stones, with strops in between and without. */
export interface UpkeepAnswer {
  /** Days, in the middle; null where the log holds no such time. */
  withDays: number | null;
  withoutDays: number | null;
  /** Strops, or hones, that lie in those times. */
  strops: number;
  /** When a stone was last on it, and the strops since. */
  stoneAt: string | null;
  since: string[];
}

/** Strops in between, from which a time counts as one that was kept up. */
const KEPT_FROM = 2;

/** What keeping an edge up has done, by its own log: the days between two stones, with and without it. */
export function upkeepAnswer(
  sessions: readonly LoggedSession[],
  { toolId, zoneId }: { toolId: string; zoneId: string },
): UpkeepAnswer {
  const own = sessions
    .filter((s) => s.toolId === toolId && s.zoneId === zoneId && s.job !== 'spine' && s.finishedAt)
    .sort((a, b) => Date.parse(a.startedAt) - Date.parse(b.startedAt));
  const stones = own.filter((session) => session.job === 'touch-up' && onStone(session));
  const kept = own.filter((session) => !onStone(session) && session.steps.some(isWorked));
  const between = (from: string, to: string | null): LoggedSession[] =>
    kept.filter(({ startedAt }) => startedAt > from && (to === null || startedAt < to));
  const gaps = pairs(stones).map(([a, b]) => ({
    days: differenceInDays(b.startedAt, a.startedAt),
    strops: between(a.startedAt, b.startedAt).length,
  }));
  const days = (isMeant: (strops: number) => boolean): number | null =>
    median(
      gaps.filter(({ strops }) => isMeant(strops)),
      (gap) => gap.days,
    ) ?? null;
  const stoneAt = stones.at(-1)?.startedAt ?? null;
  return {
    withDays: days((strops) => strops >= KEPT_FROM),
    withoutDays: days((strops) => strops < KEPT_FROM),
    strops: kept.length,
    stoneAt,
    since: stoneAt === null ? [] : between(stoneAt, null).map(({ startedAt }) => startedAt),
  };
}

function onStone({ steps }: LoggedSession): boolean {
  return steps.some(
    (step) => step.kind === 'stone' && step.task !== 'lay a turned edge straight' && isWorked(step),
  );
}
