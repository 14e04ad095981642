import type { TripWork } from '../src/domain/trip';

/** The five days of Tarrow Ness, as the crew painted them: day, task and hours by tool. */
const DAYS: Record<string, readonly (readonly [day: number, taskId: string, hours: number])[]> = {
  bracken: [
    [0, 'brush', 3],
    [0, 'carve-green', 1],
    [1, 'brush', 3],
    [1, 'ground', 1],
    [2, 'ground', 4],
    [2, 'brush', 1],
    [3, 'brush', 2],
  ],
  'old-hob': [
    [0, 'limb', 1],
    [1, 'chop', 2],
    [2, 'chop', 4],
    [3, 'chop', 5],
  ],
  crook: [
    [0, 'brush', 1],
    [3, 'carve-green', 1],
  ],
  wren: [
    [1, 'carve-green', 1],
    [2, 'carve-dry', 2],
    [3, 'carve-dry', 3],
    [4, 'carve-dry', 1],
  ],
  plover: [
    [0, 'rope', 0.5],
    [0, 'food', 0.5],
    [1, 'food', 0.5],
    [2, 'food', 0.5],
    [3, 'food', 0.5],
    [4, 'rope', 1],
  ],
  sprig: [
    [0, 'food', 1],
    [1, 'food', 1],
    [2, 'food', 1],
    [3, 'food', 1],
    [4, 'food', 0.5],
  ],
  tern: [[2, 'fish', 1]],
};

export const tripWork: TripWork[] = Object.entries(DAYS).flatMap(([toolId, jobs]) =>
  jobs.map(([day, taskId, hours]) => ({ toolId, day, taskId, hours, counted: null })),
);
