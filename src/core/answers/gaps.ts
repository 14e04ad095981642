import { millisecondsInDay as DAY_MS } from 'date-fns/constants';
import { median, sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import type { WorkUnit } from '../../domain/terms';
import { workMark } from './workMark';

/** What comes again and again to an edge. */
const RECURRING = ['strops', 'stones', 'thinnings'] as const;
type Recurring = (typeof RECURRING)[number];

/** How long an edge goes between two of a kind. */
export interface Gaps {
  between: Recurring;
  /** Days of each gap, oldest first, and their middle. */
  days: number[];
  medianDays: number;
  /** Whether the gaps grow or shrink; null where they do neither, or are too few. */
  trend: 'longer' | 'sooner' | null;
  /** The same in the person's own unit of work, where every stretch was noted in one. */
  work: { unit: WorkUnit; amounts: number[]; median: number } | null;
  /** The first and the last entry of the kind. */
  from: string;
  to: string;
}

/** Fewer gaps than this say nothing; thinnings come years apart. */
const FEWEST_GAPS: Record<Recurring, number> = { strops: 2, stones: 2, thinnings: 1 };

/** Days and work between strops, stones and thinnings of one edge. `work` is what was carried through, oldest first. */
export function gapsOf(work: readonly LoggedSession[]): Gaps[] {
  const kinds = work.map(kindOf);
  return RECURRING.flatMap((between): Gaps[] => {
    const places = kinds.flatMap((kind, i) => (kind === between ? [i] : []));
    if (places.length - 1 < FEWEST_GAPS[between]) return [];
    const own = places.map((place) => work[place]!);
    const days = own
      .slice(1)
      .map(({ startedAt }, i) => Math.round(daysFrom(own[i]!.startedAt, startedAt)));
    const trend = trendOf(days);
    return [
      {
        between,
        days,
        medianDays: Math.round(median(days)!),
        trend: trend && (trend === 'rising' ? 'longer' : 'sooner'),
        work: workBetween(work, places),
        from: own[0]!.startedAt,
        to: own.at(-1)!.startedAt,
      },
    ];
  });
}

function kindOf(session: LoggedSession): Recurring | null {
  switch (workMark(session)) {
    case 'strop':
      return 'strops';
    case 'fine':
    case 'medium':
    case 'coarse':
    case 'file':
      return 'stones';
    case 'thinned':
      return 'thinnings';
    default:
      return null;
  }
}

function daysFrom(from: string, to: string): number {
  return (Date.parse(to) - Date.parse(from)) / DAY_MS;
}

/** Work of each gap: what was noted at every entry since the one before, all in one unit. */
function workBetween(work: readonly LoggedSession[], places: readonly number[]): Gaps['work'] {
  const noted = places.slice(1).map((place, i) => {
    const since = work.slice(places[i]! + 1, place + 1).map(({ workSince }) => workSince);
    const unit = since[0]?.unit;
    if (!unit || since.some((each) => each?.unit !== unit)) return null;
    return { unit, amount: sum(since, (each) => each!.amount) };
  });
  const unit = noted[0]?.unit;
  if (!unit || noted.some((each) => each?.unit !== unit)) return null;
  const amounts = noted.map((each) => each!.amount);
  return { unit, amounts, median: median(amounts)! };
}

/** Which way a row of values goes, oldest first. */
type Trend = 'rising' | 'falling';

/** A trend is said where no more than so large a share of rows without one would look so, either way. */
const CHANCE = 0.1;
/** Up to so many values the distribution is counted out; beyond, it is normal enough. */
const COUNTED_UP_TO = 10;
/** Two-sided one in ten of a normal. */
const Z = 1.6449;

/**
 * Mann and Kendall's test on values in their order; null where a row without any trend would look so more often
 * than one time in ten. Fewer than four values never show one.
 */
export function trendOf(values: readonly number[]): Trend | null {
  const n = values.length;
  const s = sum(values, (value, i) =>
    sum(values.slice(0, i), (earlier) => Math.sign(value - earlier)),
  );
  const isTrend =
    n <= COUNTED_UP_TO
      ? chanceOf(n, Math.abs(s)) <= CHANCE
      : // One is taken off for continuity.
        (Math.abs(s) - 1) / Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18) >= Z;
  if (!isTrend || s === 0) return null;
  return s > 0 ? 'rising' : 'falling';
}

/** The chance that |S| is so large or larger in a random order of n values: exact, by counting inversions. */
function chanceOf(n: number, s: number): number {
  // inversions[k]: how many orders of the values so far have k pairs the wrong way round.
  let inversions = [1];
  for (let size = 2; size <= n; size += 1) {
    const next = Array<number>(inversions.length + size - 1).fill(0);
    inversions.forEach((orders, k) => {
      for (let more = 0; more < size; more += 1) next[k + more]! += orders;
    });
    inversions = next;
  }
  const pairs = (n * (n - 1)) / 2;
  const far = sum(inversions, (orders, k) => (Math.abs(pairs - 2 * k) >= s ? orders : 0));
  return far / sum(inversions);
}
