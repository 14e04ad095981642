import type { LoggedSession } from '../../domain/loggedSession';
import type { Inspection } from '../../domain/session';
import { TRIP_TASKS, type TripTask } from '../../domain/tripTasks';
import type { Tool, Zone } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { tripDayOf } from '../../domain/tripDays';
import { grouped } from '../grouped';
import { workingFace } from '../ladder';
import { seenApex } from '../inspection';
import { edgeWear } from './dulling';
import { tasksOfTrip, zoneForTask } from './tripTasks';

/** A stretch teaches from so much predicted dulling on (µm), and of a task where most of it is that. */
const LEAST_PREDICTED_UM = 0.3;
const MOST_OF_IT = 0.7;
/** An edge that came back no rounder dulled by so little of what was predicted, at least. */
const LEAST_RATIO = 0.1;
/** Looks within so many days before a trip and after it say how its work began and ended. */
const LEAVES_WITHIN_DAYS = 7;
/** A touch-up from this hour on follows the work of its day. */
const NOON = 12;

/** What tells of work between two looks. */
export interface WorkLog {
  trips: readonly Trip[];
  sessions: readonly LoggedSession[];
  inspections: readonly Inspection[];
}

/** Work between two looks at an edge: what it was to dull by, and what it did. */
export interface WorkStretch {
  toolId: string;
  zoneId: string;
  /** The task that most of it was; null where it was mixed. */
  taskId: string | null;
  hours: number;
  /** When it began, and the apex radius (µm) then and at its end. */
  from: string;
  fromUm: number;
  toUm: number;
  /** Dulled over what was predicted. */
  ratio: number;
}

/** A look at an edge, or a touch-up of it: how it stood before, and how it was left. */
interface Look {
  startedAt: string;
  finishedAt: string;
  beforeUm: number | null;
  afterUm: number | null;
  hoursNoted: number | null;
}

/** The stretches of work of one edge that its log tells of, oldest first. */
export function workStretches(tool: Tool, zone: Zone, log: WorkLog): WorkStretch[] {
  const { trips, sessions, inspections } = log;
  const isOwn = (entry: { toolId: string; zoneId: string }): boolean =>
    entry.toolId === tool.id && entry.zoneId === zone.id;
  const looks = [
    ...sessions.filter(isOwn).flatMap(lookOfSession),
    ...inspections.filter(isOwn).map(lookOfInspection),
  ].sort((a, b) => (a.startedAt < b.startedAt ? -1 : 1));
  const face = workingFace(tool, zone);
  const grows = (task: TripTask, hours: number): number => hours * edgeWear(task, face).umPerHour;
  return looks.slice(1).flatMap((next, i): WorkStretch[] => {
    const fromUm = looks[i]!.afterUm;
    if (fromUm === null || next.beforeUm === null) return [];
    const painted = paintedBetween(tool, zone, trips, looks[i]!.finishedAt, next.startedAt);
    const noted = painted.length > 0 ? [] : notedWork(zone, next.hoursNoted);
    const parts = [...painted, ...noted].map(({ task, hours }) => ({
      taskId: task.id,
      um: grows(task, hours),
    }));
    const predictedUm = parts.reduce((sum, { um }) => sum + um, 0);
    if (predictedUm < LEAST_PREDICTED_UM) return [];
    const ratio = Math.max(LEAST_RATIO, (next.beforeUm - fromUm) / predictedUm);
    const byTask = [...grouped(parts, ({ taskId }) => taskId)].map(([taskId, own]) => ({
      taskId,
      um: own.reduce((sum, { um }) => sum + um, 0),
    }));
    const most = byTask.find(({ um }) => um >= MOST_OF_IT * predictedUm);
    return [
      {
        ...{ toolId: tool.id, zoneId: zone.id, taskId: most?.taskId ?? null, ratio },
        ...{ from: looks[i]!.finishedAt, fromUm, toUm: next.beforeUm },
        hours: [...painted, ...noted].reduce((sum, { hours }) => sum + hours, 0),
      },
    ];
  });
}

/** Finished work on the edge itself; what was done on its spine says nothing of it. */
function lookOfSession(session: LoggedSession): Look[] {
  const { finishedAt, startedAt, job, before, after, workSince } = session;
  if (finishedAt === null || job === 'spine') return [];
  const [beforeUm, afterUm] = [seenApex(before), seenApex(after)].map(
    (seen) => seen?.apexRadiusUm ?? null,
  );
  const hoursNoted = workSince?.unit === 'hours' ? workSince.amount : null;
  return [{ startedAt, finishedAt, beforeUm: beforeUm!, afterUm: afterUm!, hoursNoted }];
}

function lookOfInspection({ at, seen }: Inspection): Look {
  const apexUm = seenApex(seen)?.apexRadiusUm ?? null;
  return { startedAt: at, finishedAt: at, beforeUm: apexUm, afterUm: apexUm, hoursNoted: null };
}

/** Painted work of an edge that was done between two moments: a day's lies before its evening. */
function paintedBetween(tool: Tool, zone: Zone, trips: readonly Trip[], from: string, to: string) {
  return trips
    .filter((trip) => isAbout(trip, from, to))
    .flatMap((trip) => {
      const tasks = tasksOfTrip(trip);
      const [first, end] = [daysDone(trip, from), daysDone(trip, to)];
      return trip.work.flatMap(({ toolId, day, taskId, hours }) => {
        const task = tasks.find(({ id }) => id === taskId);
        if (toolId !== tool.id || day < first || day >= end || !task) return [];
        return zoneForTask(tool, task).id === zone.id ? [{ task, hours }] : [];
      });
    });
}

/** Whether two looks stand around a trip closely enough that its work is all that lies between them. */
function isAbout(trip: Trip, from: string, to: string): boolean {
  return (
    tripDayOf(trip, from) >= -LEAVES_WITHIN_DAYS &&
    tripDayOf(trip, to) < trip.days + LEAVES_WITHIN_DAYS
  );
}

/** How many days of a trip are worked by a moment. */
export function daysDone(trip: Pick<Trip, 'startsOn' | 'days'>, at: string): number {
  const isEvening = new Date(at).getHours() >= NOON;
  return Math.min(trip.days, tripDayOf(trip, at) + (isEvening ? 1 : 0));
}

/** Noted hours as work of the usual kind of an edge. */
function notedWork({ work }: Zone, hours: number | null) {
  const usual = TRIP_TASKS.filter(({ asks }) => work.includes(asks));
  if (hours === null || usual.length === 0) return [];
  return usual.map((task) => ({ task, hours: hours / usual.length }));
}
