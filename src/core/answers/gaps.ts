import { millisecondsInDay as DAY_MS } from 'date-fns/constants';
import { median, sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import type { WorkUnit } from '../../domain/terms';
import { trendOf } from './trend';
import { workMark } from './workMark';

/** What comes again and again to an edge. */
export const RECURRING = ['strops', 'stones', 'thinnings'] as const;
export type Recurring = (typeof RECURRING)[number];

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
