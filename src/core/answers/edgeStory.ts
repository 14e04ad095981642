import { millisecondsInDay as DAY_MS } from 'date-fns/constants';
import type { EdgeAnswers } from './edgeAnswers';
import type { Effort } from './effort';

/** The most telling thing that a log says of one edge. */
export type EdgeStory =
  | { kind: 'stones trend'; trend: 'longer' | 'sooner'; days: number[] }
  | { kind: 'lives on the strop'; strops: number; days: number }
  | { kind: 'left alone'; days: number; wasThinned: boolean }
  | { kind: 'effort'; effort: Effort }
  | { kind: 'comes back'; medianDays: number; times: number }
  | { kind: 'so far'; times: number; days: number };

/** So many touch-ups in a row on the strop alone are a way of keeping an edge. */
const STROPS_IN_A_ROW = 3;
/** An edge that is rounder than asked and was not touched for so long is left alone (days). */
const LEFT_ALONE_DAYS = 150;
/** So much less or more is told (share of what it was). */
const NOTABLE_SHARE = 0.15;

/** What to say of an edge first; null where nothing was done on it yet. */
export function edgeStory(answers: EdgeAnswers, now: string): EdgeStory | null {
  const { course, gaps, effort } = answers;
  const worked = course.entries.filter(({ mark }) => mark !== 'hook' && mark !== 'tested');
  const last = worked.at(-1);
  if (!last) return null;
  const days = daysSince(last.at, now);
  const stones = gaps.find(({ between }) => between === 'stones');
  if (stones?.trend) return { kind: 'stones trend', trend: stones.trend, days: stones.days };
  const notStrop = worked.findLastIndex(({ mark }) => mark !== 'strop');
  const strops = worked.length - 1 - notStrop;
  if (strops >= STROPS_IN_A_ROW) {
    return { kind: 'lives on the strop', strops, days: daysSince(worked[notStrop + 1]!.at, now) };
  }
  const stands = course.line.at(-1);
  if (days >= LEFT_ALONE_DAYS && stands && stands.apexUm > course.targetUm) {
    return { kind: 'left alone', days, wasThinned: last.mark === 'thinned' };
  }
  if (effort && isNotable(effort)) return { kind: 'effort', effort };
  if (stones) return { kind: 'comes back', medianDays: stones.medianDays, times: worked.length };
  return { kind: 'so far', times: worked.length, days };
}

function isNotable({ then, now }: Effort): boolean {
  return Math.abs(now.strokesPerSide / then.strokesPerSide - 1) >= NOTABLE_SHARE;
}

function daysSince(at: string, now: string): number {
  return Math.max(0, Math.round((Date.parse(now) - Date.parse(at)) / DAY_MS));
}
