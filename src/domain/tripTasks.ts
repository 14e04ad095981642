import type { TaskId } from './tasks';
import type { Tool, Zone } from './tool';
import type { Trip } from './trip';

/** Work that is painted on the days of a trip: how fast it dulls and chips an edge (prior). */
export interface TripTask {
  id: string;
  name: string;
  /** What it asks of an edge. */
  asks: TaskId;
  /** Growth of the apex radius (µm) in an hour in hand, at 58 HRC. */
  dullingUmPerHour: number;
  /** Chips in an hour at 20° per side and 58 HRC. */
  chipsPerHour: number;
  /** How many of its things an hour makes, where people count them; null where nobody does. */
  counted: { unit: string; perHour: number } | null;
}

const task = (
  id: string,
  name: string,
  asks: TaskId,
  dullingUmPerHour: number,
  chipsPerHour: number,
  counted: TripTask['counted'] = null,
): TripTask => ({ id, name, asks, dullingUmPerHour, chipsPerHour, counted });

/** From the gentlest to the roughest on the edge. */
export const TRIP_TASKS: readonly TripTask[] = [
  task('carve-green', 'carve green', 'carve', 0.4, 0.002, { unit: 'pegs', perHour: 6 }),
  task('food', 'food', 'food', 0.5, 0),
  task('feather', 'feather sticks', 'feather', 0.5, 0.002),
  task('hide', 'game', 'hide', 0.7, 0.02, { unit: 'animals', perHour: 0.5 }),
  task('carve-dry', 'carve dry', 'carve', 0.8, 0.004),
  task('split', 'split kindling', 'split', 0.8, 0.02),
  task('baton-clean', 'baton clean', 'baton', 0.8, 0.03),
  task('fish', 'fish', 'fish', 1, 0.02, { unit: 'fish', perHour: 8 }),
  task('chop', 'chop', 'chop', 1.2, 0.02, { unit: 'posts', perHour: 2 }),
  task('brush', 'brush', 'brush', 1.2, 0.04),
  task('baton', 'baton knots', 'baton', 1.2, 0.1),
  task('limb', 'limb', 'limb', 1.6, 0.08),
  task('rope', 'rope', 'rope', 2, 0),
  task('ground', 'ground', 'grit', 2.5, 0.15),
];

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
