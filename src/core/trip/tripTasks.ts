import type { TaskId } from '../../domain/tasks';
import type { Tool, Zone } from '../../domain/tool';
import type { Trip } from '../../domain/trip';
import { TRIP_TASKS, type TripTask } from '../../domain/tripTasks';

/** Work that strikes: never by an edge that must not be struck. */
const STRIKES: readonly TaskId[] = ['baton', 'chop', 'limb', 'brush', 'grit', 'split'];

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
