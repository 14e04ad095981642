import { differenceInMinutes, parseISO } from 'date-fns';
import { sum } from 'd3-array';
import type { LoggedSession } from '../../domain/loggedSession';
import { isWorked } from '../../domain/observation';
import type { Inspection } from '../../domain/session';
import type { Tool, Zone } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { tripDayOf } from '../../domain/tripDays';
import { tasksOfTrip, TRIP_TASKS, zoneForTask, type TripTask } from '../../domain/tripTasks';
import type { DullingEvidence, LastingEvidence, StoneFinish } from '../evidence';
import { workingFace } from '../ladder';
import { PRIORS } from '../priors';
import {
  seenApex,
  TEST_CENTRE_UM,
  upperEdgeUm,
  WORKS_UP_TO,
  type ApexEstimate,
} from '../sharpness';
import { edgeWear } from '../wear';
import { isCarriedThrough } from './finished';

/** A spell teaches from so much predicted dulling on (µm), and of a task where most of it is that. */
const LEAST_PREDICTED_UM = 0.3;
const MOST_OF_IT = 0.7;
/** Looks within so many days before a trip and after it say how its work began and ended. */
const LEAVES_WITHIN_DAYS = 7;
/** A touch-up from this hour on follows the work of its day. */
const NOON = 12;
/** No test tells how round an edge is beyond this (µm). */
const BLUNT_UM = TEST_CENTRE_UM.blunt * 0.99;
const MINUTES_A_DAY = 24 * 60;

/** What tells of work between looks. */
export interface WorkLog {
  trips: readonly Trip[];
  sessions: readonly LoggedSession[];
  inspections: readonly Inspection[];
}

/** A look at an edge, or work on it: how it stood before, and how it was left. */
interface Seen {
  at: string;
  until: string;
  before: ApexEstimate | null;
  after: ApexEstimate | null;
  session: LoggedSession | null;
}

/** Work from one moment to another: hours of each task, for one edge of its set. */
export interface Worked {
  task: TripTask;
  hours: number;
}

/** Every spell of work of one edge, from its last finish to each test after it, as evidence of how it dulls. */
export function dullingEvidence(tool: Tool, zone: Zone, log: WorkLog): DullingEvidence[] {
  const seen = looksAt(tool, zone, log);
  const face = workingFace(tool, zone);
  const grows = (work: readonly Worked[]): number =>
    sum(work, ({ task, hours }) => hours * edgeWear(task, face).umPerHour);
  const spells: DullingEvidence[] = [];
  let start: Seen | null = null;
  let tests: DullingEvidence['tests'][number][] = [];
  let work: Worked[] = [];
  const close = (): void => {
    const predictedUm = grows(work);
    if (start?.after && tests.length > 0 && predictedUm >= LEAST_PREDICTED_UM)
      spells.push(spellOf(tool, zone, face.hardnessHrc, start, tests, work, predictedUm));
    tests = [];
    work = [];
  };
  for (const look of seen) {
    const isWork = look.session !== null;
    const until = start ? workBetween(tool, zone, log.trips, start.until, look) : [];
    const grownUm = grows(until);
    if (start && look.before && grownUm >= LEAST_PREDICTED_UM) {
      tests.push({
        predictedUm: grownUm,
        apexUm: look.before.apexRadiusUm,
        sdLn: look.before.sdLn,
        atLeastUm:
          look.before.apexRadiusUm >= BLUNT_UM
            ? upperEdgeUm(TEST_CENTRE_UM['slides-on-nail'])
            : null,
      });
      work = until;
    }
    // Work on the edge begins a new spell; so does a look before any work, as it says where that starts.
    if (isWork || grownUm === 0) {
      close();
      start = look.after ? look : null;
    }
  }
  close();
  return spells;
}

/** The work of one edge before each session since it was last left, or seen untouched. */
export function workBefore(
  tool: Tool,
  zone: Zone,
  log: WorkLog,
): { sessionId: string; startUm: number; work: Worked[] }[] {
  const found: { sessionId: string; startUm: number; work: Worked[] }[] = [];
  let start: Seen | null = null;
  for (const look of looksAt(tool, zone, log)) {
    const work = start ? workBetween(tool, zone, log.trips, start.until, look) : [];
    if (start?.after && look.session && work.length > 0)
      found.push({ sessionId: look.session.id, startUm: start.after.apexRadiusUm, work });
    if (look.session || work.length === 0) start = look.after ? look : null;
  }
  return found;
}

function spellOf(
  tool: Tool,
  zone: Zone,
  hardnessHrc: number,
  start: Seen,
  tests: DullingEvidence['tests'],
  work: readonly Worked[],
  predictedUm: number,
): DullingEvidence {
  return {
    what: 'dulling',
    at: start.until,
    toolId: tool.id,
    zoneId: zone.id,
    person: start.session?.person ?? null,
    predicted: predictedUm,
    hardnessHrc,
    sdLn: PRIORS.testSdLn.value,
    taskId: mainTask(work),
    hours: sum(work, ({ hours }) => hours),
    startUm: start.after!.apexRadiusUm,
    tests,
  };
}

/** The task that most of some work was, by its dulling; null where it was mixed. */
function mainTask(work: readonly Worked[]): string | null {
  const weight = ({ task, hours }: Worked): number => hours * task.dullingUmPerHour;
  const whole = sum(work, weight);
  const most = work.find(
    ({ task }) =>
      sum(
        work.filter((each) => each.task.id === task.id),
        weight,
      ) >=
      MOST_OF_IT * whole,
  );
  return most?.task.id ?? null;
}

/** How long finishes of one edge lasted until its next look: in days, in the person's unit, in hours of a task. */
export function lastingEvidence(tool: Tool, zone: Zone, log: WorkLog): LastingEvidence[] {
  const seen = looksAt(tool, zone, log);
  let finish: StoneFinish | null = null;
  return seen.slice(0, -1).flatMap((look, i): LastingEvidence[] => {
    finish = stoneFinish(look.session) ?? finish;
    const next = seen[i + 1]!;
    if (!look.after || !next.before) return [];
    const found = {
      what: 'lasting' as const,
      at: look.until,
      toolId: tool.id,
      zoneId: zone.id,
      person: look.session?.person ?? null,
      startUm: look.after.apexRadiusUm,
      endUm: next.before.apexRadiusUm,
      targetUm: zone.targetApexUm,
      finish,
    };
    const lasted = (
      unit: LastingEvidence['unit'],
      taskId: string | null,
      amount: number,
    ): LastingEvidence => ({ ...found, unit, taskId, amount });
    const work = workBetween(tool, zone, log.trips, look.until, next);
    const taskId = mainTask(work);
    const hours = sum(work, (each) => each.hours);
    const ofTask = taskId !== null && hours > 0 ? [lasted('hours', taskId, hours)] : [];
    const isTired = look.after.apexRadiusUm >= WORKS_UP_TO * zone.targetApexUm;
    const bothFinished = !isTired && look.session && next.session && isCarriedThrough(look.session);
    if (!bothFinished || finish === null) return ofTask;
    const since = next.session!.workSince;
    const days = differenceInMinutes(next.at, look.until) / MINUTES_A_DAY;
    return [
      ...ofTask,
      lasted('days', null, days),
      ...(since ? [lasted(since.unit, null, since.amount)] : []),
    ];
  });
}

/** Size and angle of the last stone of a session; null where none was used. */
function stoneFinish(session: LoggedSession | null): StoneFinish | null {
  const stone = session?.steps.findLast((step) => step.kind === 'stone' && isWorked(step));
  return stone ? { sizeUm: stone.sizeUm, angleDeg: stone.angleDeg } : null;
}

/** The looks at one edge and the work on it, oldest first; what was done on its spine says nothing of it. */
function looksAt(tool: Tool, zone: Zone, { sessions, inspections }: WorkLog): Seen[] {
  const isOwn = (entry: { toolId: string; zoneId: string }): boolean =>
    entry.toolId === tool.id && entry.zoneId === zone.id;
  const ofSessions = sessions
    .filter((each) => isOwn(each) && each.finishedAt !== null && each.job !== 'spine')
    .map((session): Seen => ({
      at: session.startedAt,
      until: session.finishedAt!,
      before: seenApex(session.before),
      after: seenApex(session.after),
      session,
    }));
  const ofLooks = inspections.filter(isOwn).map(({ at, seen }): Seen => {
    const apex = seenApex(seen);
    return { at, until: at, before: apex, after: apex, session: null };
  });
  return [...ofSessions, ...ofLooks].sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

/** Work of one edge between a moment and a look: painted, or as it was noted; a set of like knives shares it. */
function workBetween(
  tool: Tool,
  zone: Zone,
  trips: readonly Trip[],
  from: string,
  look: Seen,
): Worked[] {
  const painted = trips
    // What begins after the look is told by its letters: a long log has many trips.
    .filter((trip) => trip.startsOn <= look.at && isAbout(trip, from, look.at))
    .flatMap((trip) => {
      const tasks = tasksOfTrip(trip);
      const [first, end] = [daysDone(trip, from), daysDone(trip, look.at)];
      return trip.work.flatMap(({ toolId, day, taskId, hours }): Worked[] => {
        const task = tasks.find(({ id }) => id === taskId);
        if (toolId !== tool.id || day < first || day >= end || !task) return [];
        return zoneForTask(tool, task).id === zone.id ? [{ task, hours }] : [];
      });
    });
  const work = painted.length > 0 ? painted : notedWork(zone, look.session);
  return work.map(({ task, hours }) => ({ task, hours: hours / tool.count }));
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
  const isEvening = parseISO(at).getHours() >= NOON;
  return Math.min(trip.days, tripDayOf(trip, at) + (isEvening ? 1 : 0));
}

/** Hours noted since the touch-up before as work of the usual kind of an edge. */
function notedWork(zone: Zone, session: LoggedSession | null): Worked[] {
  const usual = TRIP_TASKS.filter(({ asks }) => zone.work.includes(asks));
  const since = session?.workSince;
  if (since?.unit !== 'hours' || usual.length === 0) return [];
  return usual.map((task) => ({ task, hours: since.amount / usual.length }));
}
