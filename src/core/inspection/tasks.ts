/** Work that edges do: the apex it needs (µm, at most) and the angle it usually asks for, per side. */
export interface Task {
  id: string;
  name: string;
  neededApexUm: number;
  angleDeg: readonly [low: number, high: number];
}

/** Prior values; the log of damage and dulling corrects the angle. */
export const TASKS: readonly Task[] = [
  { id: 'carve', name: 'carving', neededApexUm: 1, angleDeg: [10, 14] },
  { id: 'feather', name: 'feather sticks', neededApexUm: 1, angleDeg: [10, 15] },
  { id: 'baton', name: 'batoning, knots', neededApexUm: 3, angleDeg: [15, 20] },
  { id: 'chop', name: 'chopping', neededApexUm: 4, angleDeg: [20, 28] },
  { id: 'limb', name: 'limbing dead or frozen wood', neededApexUm: 4, angleDeg: [23, 30] },
  { id: 'brush', name: 'clearing brush', neededApexUm: 6, angleDeg: [20, 25] },
  { id: 'grit', name: 'clearing gritty growth', neededApexUm: 6, angleDeg: [23, 28] },
  { id: 'food', name: 'food on a board', neededApexUm: 1.5, angleDeg: [12, 18] },
  { id: 'fish', name: 'fish', neededApexUm: 1, angleDeg: [12, 18] },
  { id: 'hide', name: 'hide and game', neededApexUm: 0.6, angleDeg: [15, 20] },
  { id: 'rope', name: 'rope and webbing', neededApexUm: 2, angleDeg: [16, 22] },
  { id: 'split', name: 'splitting', neededApexUm: 6, angleDeg: [25, 30] },
];
