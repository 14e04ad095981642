import { millisecondsInDay as DAY_MS } from 'date-fns/constants';
import { compareAsc } from 'date-fns';
import type { LoggedSession } from '../../domain/loggedSession';
import type { Inspection, Observation } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import { KEEN_UP_TO, seenApex } from '../sharpness';
import { workMark, type WorkMark } from './workMark';

/** What an edge was found to be at a moment: the apex radius (µm) and its range of 16 to 84 %. */
export interface CoursePoint {
  at: string;
  apexUm: number;
  lowUm: number;
  highUm: number;
}

/** One piece of finished work on an edge: how it stood before and how it was left, where that was tested. */
export interface CourseEntry {
  id: string;
  at: string;
  mark: WorkMark;
  before: CoursePoint | null;
  after: CoursePoint | null;
}

/** One edge through time. */
export interface EdgeCourse {
  toolId: string;
  zoneId: string;
  targetUm: number;
  /** Oldest first. */
  entries: CourseEntry[];
  /** Every moment at which the edge was tested, looks between touch-ups among them, oldest first. */
  line: CoursePoint[];
}

/** One edge through time, by everything that its log holds. */
export function edgeCourse(
  tool: Tool,
  zone: Zone,
  sessions: readonly LoggedSession[],
  inspections: readonly Inspection[],
): EdgeCourse {
  const isOwn = (each: { toolId: string; zoneId: string }): boolean =>
    each.toolId === tool.id && each.zoneId === zone.id;
  const entries = sessions
    .filter((session) => isOwn(session) && session.finishedAt !== null)
    .map((session): CourseEntry => {
      const { id, startedAt, finishedAt, job, before, after } = session;
      const isSpine = job === 'spine';
      return {
        id,
        at: startedAt,
        mark: workMark(session),
        before: isSpine ? null : pointOf(startedAt, before),
        after: isSpine ? null : pointOf(finishedAt!, after),
      };
    })
    .sort(byTime);
  const looks = inspections.filter(isOwn).map(({ at, seen }) => pointOf(at, seen));
  const line = [...entries.flatMap(({ before, after }) => [before, after]), ...looks]
    .filter((point) => point !== null)
    .sort(byTime);
  return { toolId: tool.id, zoneId: zone.id, targetUm: zone.targetApexUm, entries, line };
}

function pointOf(at: string, seen: Observation): CoursePoint | null {
  const apex = seenApex(seen);
  return apex && { at, apexUm: apex.apexRadiusUm, lowUm: apex.lowUm, highUm: apex.highUm };
}

function byTime(a: { at: string }, b: { at: string }): number {
  return compareAsc(a.at, b.at);
}

/**
 * Days between the first test of an edge and the last, and how many of them it was rounder than asked (no longer keen):
 * between two tests ln(radius) goes evenly with time. Null where it was tested once or never.
 */
export function daysRounder({
  line,
  targetUm,
}: EdgeCourse): { rounder: number; of: number } | null {
  if (line.length < 2) return null;
  let rounder = 0;
  let of = 0;
  line.slice(1).forEach((to, i) => {
    const from = line[i]!;
    const days = (Date.parse(to.at) - Date.parse(from.at)) / DAY_MS;
    of += days;
    rounder +=
      days *
      shareAbove(Math.log(from.apexUm), Math.log(to.apexUm), Math.log(KEEN_UP_TO * targetUm));
  });
  return { rounder, of };
}

/** The share of a straight way from one value to another that lies above a level. */
function shareAbove(from: number, to: number, level: number): number {
  const [above, below] = [Math.max(from, to) - level, level - Math.min(from, to)];
  if (above <= 0) return 0;
  return below <= 0 ? 1 : above / (above + below);
}
