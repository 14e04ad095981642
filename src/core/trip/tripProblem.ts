import { PRIORS } from '../priors';
import { tasksOf } from '../../domain/tasks';
import type { Zone } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { goesAlong, tripDayOf, tripPhase } from '../../domain/tripDays';
import type { ZoneState } from '../inspection';
import { edgeTarget, workingFace, type Hand, type Shelf } from '../ladder';
import { edgeCosts } from './edgeCosts';
import { dullingFactor, lnHardness, NOTHING_LEARNED, type LearnedDulling } from '../evidence';
import { daysDone } from '../log';
import { tripShelf } from './tripShelf';
import type { EdgeCosts, EdgeWork, TripEdge, TripProblem } from './types';
import { tasksOfTrip, zoneForTask } from '../../domain/tripTasks';
import { edgeWear } from '../wear';

/** Tools that really travel: on the trip, not forbidden there, and sound. */
export function travelling(trip: Trip, zones: readonly ZoneState[]): ZoneState[] {
  return zones.filter(({ tool, stops }) => goesAlong(trip, tool.id) && stops.length === 0);
}

/**
 * A trip as it is simulated: every edge of the tools that travel with its own work. Before it each one
 * starts as the work before leaving gives it; under way as it was last seen, with the work of the days
 * after that ahead of it. `costsOf` may remember what was planned for an edge before.
 */
export function tripProblem(input: {
  trip: Trip;
  zones: readonly ZoneState[];
  shelf: Shelf;
  hand: Hand;
  dulling?: LearnedDulling;
  /** The moment that it is looked at from; ISO 8601. Long before it where none is given. */
  now?: string;
  runs: number;
  seed: number;
  costsOf?: typeof edgeCosts;
}): TripProblem {
  const { trip, zones, shelf, hand, runs, seed, costsOf = edgeCosts } = input;
  const { dulling = NOTHING_LEARNED } = input;
  const isUnderWay = input.now !== undefined && tripPhase(trip, input.now) === 'under way';
  const { midJob, carried, evening } = tripShelf(shelf, trip);
  const { midJobStops, hasLight, nights } = trip;
  const chipsInEvening = hasLight || nights === 'at home';
  return {
    days: trip.days,
    runs,
    seed,
    policy: { ...trip.policy, midJobStops, chipsInEvening },
    edges: travelling(trip, zones).map((own): TripEdge => {
      const { tool, zone, state } = own;
      const asked = {
        face: workingFace(tool, zone),
        target: edgeTarget(tool, zone, 'field'),
        hand,
      };
      const costs = costsOf({ ...asked, abrasives: carried });
      const costsWith = (abrasives: typeof carried): EdgeCosts =>
        abrasives === carried ? costs : costsOf({ ...asked, abrasives });
      const presentUm = state.apex?.apexRadiusUm ?? null;
      const work = workOf(own, trip, dulling);
      return {
        id: `${tool.id}/${zone.id}`,
        toolId: tool.id,
        zoneId: zone.id,
        midJobCosts: costsWith(midJob),
        eveningCosts: costsWith(evening),
        targetUm: zone.targetApexUm,
        startUm: isUnderWay ? (presentUm ?? zone.targetApexUm) : startUm(presentUm, zone, costs),
        startChipMm: isUnderWay ? state.damageDepthMm : 0,
        fromDay: isUnderWay ? firstDayAhead(trip, state.observedAt) : 0,
        copies: tool.count,
        toolSdLn: dullingFactor(dulling, tool.id, work[0]?.taskId ?? '').sdLn,
        work,
      };
    }),
  };
}

/** An edge leaves home as its work there ends it, or keener if it is so now. */
function startUm(presentUm: number | null, zone: Zone, costs: EdgeCosts): number {
  const endsUm = Math.min(costs.finishUm, zone.targetApexUm);
  return Math.min(presentUm ?? Infinity, endsUm);
}

/** The first day whose work an edge has still to do, by when it was last seen. */
function firstDayAhead(trip: Trip, observedAt: string | null): number {
  if (observedAt === null || tripDayOf(trip, observedAt) < 0) return 0;
  return Math.max(0, daysDone(trip, observedAt));
}

function workOf({ tool, zone }: ZoneState, trip: Trip, dulling: LearnedDulling): EdgeWork[] {
  const face = workingFace(tool, zone);
  const tasks = tasksOfTrip(trip);
  return trip.work.flatMap(({ toolId, day, taskId, hours }): EdgeWork[] => {
    const task = tasks.find(({ id }) => id === taskId);
    if (toolId !== tool.id || !task || zoneForTask(tool, task).id !== zone.id) return [];
    if (day >= trip.days) return [];
    const [asked] = tasksOf([task.asks]);
    const learned = dullingFactor(dulling, tool.id, taskId);
    const { umPerHour, chipsPerHour } = edgeWear(task, face);
    // It was learned at one hardness, and the log may have narrowed that since.
    const factor =
      learned.hardnessHrc === null
        ? learned.factor
        : learned.factor * Math.exp(lnHardness(face.hardnessHrc, learned.hardnessHrc));
    return [
      {
        day,
        taskId,
        hours,
        wear: { umPerHour: umPerHour * factor, chipsPerHour },
        learnedFactor: factor,
        needUm: Math.max(asked!.neededApexUm, PRIORS.needOverTarget.value * zone.targetApexUm),
      },
    ];
  });
}
