/** Work that edges do: what it asks of the edge, and the angle it usually stands. */
export interface Task {
  id: TaskId;
  name: string;
  /** Apex radius (µm) at which the work no longer goes, at most (prior). */
  neededApexUm: number;
  /** Particle size (µm) of the last stone, at most: scratches decide how an edge cuts (prior). */
  finishSizeUm: number;
  /** Per side. */
  angleDeg: readonly [low: number, high: number];
}

export const TASK_IDS = [
  'carve',
  'feather',
  'baton',
  'chop',
  'limb',
  'brush',
  'grit',
  'food',
  'fish',
  'hide',
  'rope',
  'split',
] as const;
export type TaskId = (typeof TASK_IDS)[number];

/** Prior values; the log of damage and dulling corrects the angle. */
export const TASKS: readonly Task[] = [
  { id: 'carve', name: 'carving', neededApexUm: 1.3, finishSizeUm: 15, angleDeg: [10, 14] },
  {
    id: 'feather',
    name: 'feather sticks',
    neededApexUm: 1.2,
    finishSizeUm: 15,
    angleDeg: [10, 15],
  },
  { id: 'baton', name: 'batoning, knots', neededApexUm: 2, finishSizeUm: 30, angleDeg: [15, 20] },
  { id: 'chop', name: 'chopping', neededApexUm: 4, finishSizeUm: 45, angleDeg: [20, 28] },
  {
    id: 'limb',
    name: 'limbing dead or frozen wood',
    neededApexUm: 4,
    finishSizeUm: 45,
    angleDeg: [23, 30],
  },
  { id: 'brush', name: 'clearing brush', neededApexUm: 6, finishSizeUm: 70, angleDeg: [20, 25] },
  {
    id: 'grit',
    name: 'clearing gritty growth',
    neededApexUm: 6,
    finishSizeUm: 70,
    angleDeg: [23, 28],
  },
  { id: 'food', name: 'food on a board', neededApexUm: 1.5, finishSizeUm: 30, angleDeg: [12, 18] },
  { id: 'fish', name: 'fish', neededApexUm: 1.5, finishSizeUm: 15, angleDeg: [12, 18] },
  { id: 'hide', name: 'hide and game', neededApexUm: 1.2, finishSizeUm: 12, angleDeg: [15, 20] },
  { id: 'rope', name: 'rope and webbing', neededApexUm: 2, finishSizeUm: 45, angleDeg: [16, 22] },
  { id: 'split', name: 'splitting', neededApexUm: 6, finishSizeUm: 70, angleDeg: [25, 30] },
];

/** An edge that is sharpened for its work gives so many times its radius before the work stops. */
export const ROOM_TO_DULL = 1.5;

/** The tasks with these ids, in the order of the table. */
export function tasksOf(ids: readonly TaskId[]): Task[] {
  return TASKS.filter(({ id }) => ids.includes(id));
}

/** The apex radius (µm) to sharpen to for some work; of several works, the finest. */
export function targetApexFor(ids: readonly TaskId[]): number {
  const neededUm = Math.min(...tasksOf(ids).map(({ neededApexUm }) => neededApexUm));
  return Math.round((100 * neededUm) / ROOM_TO_DULL) / 100;
}
