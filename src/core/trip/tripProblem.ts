import { ROOM_TO_DULL, tasksOf, type TaskId } from '../../domain/tasks';
import type { Tool, Zone } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { TRIP_TASKS, type TripTask } from '../../domain/tripTasks';
import type { ZoneState } from '../inspection';
import {
  abrasivesAtHand,
  carriedShelf,
  edgeTarget,
  stepWaterMl,
  workingFace,
  type Hand,
  type LadderAbrasive,
  type Shelf,
} from '../ladder';
import { edgeWear } from './dulling';
import { edgeCosts } from './edgeCosts';
import type { EdgeCosts, EdgeWork, TripEdge, TripProblem } from './types';

/** How differently tools of one kind dull (sd of ln, prior), where the log does not say. */
const TOOL_SD_LN = 0.7;
/** Work that strikes: never by an edge that must not be struck. */
const STRIKES: readonly TaskId[] = ['baton', 'chop', 'limb', 'brush', 'grit', 'split'];

/** A stone that wants more water than a day has. */
export interface ThirstyStone {
  id: string;
  name: string;
  waterMl: number;
}

/** The tasks of a trip: those that everybody knows, and the person's own. */
export function tasksOfTrip({ ownTasks }: Pick<Trip, 'ownTasks'>): TripTask[] {
  return [...TRIP_TASKS, ...ownTasks.map((own) => ({ ...own, counted: null }))];
}

/** Which edge of a tool does some work: the one that is kept for it, and never one that must not be struck. */
export function zoneForTask(tool: Tool, { asks }: Pick<TripTask, 'asks'>): Zone {
  const open = tool.zones.filter(({ noImpacts }) => !(noImpacts && STRIKES.includes(asks)));
  const kept = open.find(({ work }) => work.includes(asks));
  return kept ?? open.at(-1) ?? tool.zones[0]!;
}

/** The carried shelf of a trip, without the stones that soak up more than a day has. */
export function tripShelf(shelf: Shelf, { waterMlPerDay }: Pick<Trip, 'waterMlPerDay'>) {
  const isThirsty = (abrasive: LadderAbrasive): boolean => stepWaterMl(abrasive) > waterMlPerDay;
  const all = abrasivesAtHand(carriedShelf(shelf));
  const refused = all.filter(isThirsty).map((abrasive): ThirstyStone => ({
    id: abrasive.id,
    name: abrasive.name,
    waterMl: stepWaterMl(abrasive),
  }));
  return { abrasives: all.filter((abrasive) => !isThirsty(abrasive)), refused };
}

/** Tools that really travel: on the trip, not forbidden there, and sound. */
export function travelling(trip: Trip, zones: readonly ZoneState[]): ZoneState[] {
  const forbidden = new Set(trip.forbidden.map(({ toolId }) => toolId));
  return zones.filter(
    ({ tool, stops }) =>
      trip.toolIds.includes(tool.id) && !forbidden.has(tool.id) && stops.length === 0,
  );
}

/**
 * A trip as it is simulated: every edge of the tools that travel with its own work, from the state that
 * the work before leaving gives it. `costsOf` may remember what was planned for an edge before.
 */
export function tripProblem(input: {
  trip: Trip;
  zones: readonly ZoneState[];
  shelf: Shelf;
  hand: Hand;
  runs: number;
  seed: number;
  costsOf?: typeof edgeCosts;
}): TripProblem {
  const { trip, zones, shelf, hand, runs, seed, costsOf = edgeCosts } = input;
  const { abrasives } = tripShelf(shelf, trip);
  const tasks = tasksOfTrip(trip);
  return {
    days: trip.days,
    runs,
    seed,
    policy: { ...trip.policy, midJobStops: trip.midJobStops },
    edges: travelling(trip, zones).map((own): TripEdge => {
      const { tool, zone, state } = own;
      const costs = costsOf({
        face: workingFace(tool, zone),
        target: edgeTarget(tool, zone, 'field'),
        abrasives,
        hand,
      });
      return {
        ...{ id: `${tool.id}/${zone.id}`, toolId: tool.id, zoneId: zone.id, costs },
        targetUm: zone.targetApexUm,
        startUm: startUm(state.apex?.apexRadiusUm ?? null, zone, costs),
        copies: tool.count,
        toolSdLn: TOOL_SD_LN,
        work: workOf(own, trip, tasks),
      };
    }),
  };
}

/** An edge leaves home as its work there ends it, or keener if it is so now. */
function startUm(presentUm: number | null, zone: Zone, costs: EdgeCosts): number {
  const endsUm = Math.min(costs.finishUm, zone.targetApexUm);
  return Math.min(presentUm ?? Infinity, endsUm);
}

function workOf({ tool, zone }: ZoneState, trip: Trip, tasks: readonly TripTask[]): EdgeWork[] {
  const face = workingFace(tool, zone);
  return trip.work.flatMap(({ toolId, day, taskId, hours }): EdgeWork[] => {
    const task = tasks.find(({ id }) => id === taskId);
    if (toolId !== tool.id || !task || zoneForTask(tool, task).id !== zone.id) return [];
    if (day >= trip.days) return [];
    const [asked] = tasksOf([task.asks]);
    return [
      {
        ...{ day, taskId, hours },
        wear: edgeWear(task, face),
        needUm: Math.max(asked!.neededApexUm, ROOM_TO_DULL * zone.targetApexUm),
      },
    ];
  });
}
