import { proxy } from 'comlink';
import type { KitLimits, KitProblem, KitSolution } from '../core/kit';
import { threadsOf, type Job } from './threads';
import type { KitWorker, SolvedKits } from './kit.worker';

export type { SolvedKits };

/** What a kit is asked for with. */
export interface KitAsked {
  problem: KitProblem;
  limits: KitLimits;
  gramsPerMinute: number;
}

const { start } = threadsOf<KitWorker>(
  () => new Worker(new URL('./kit.worker.ts', import.meta.url), { type: 'module' }),
);

/** All kits of a problem; `onSolution` hears of those found so far, and of the share done. */
export function startKits(
  { problem, limits, gramsPerMinute }: KitAsked,
  onSolution: (solution: KitSolution | null, share: number) => void,
): Job<SolvedKits> {
  return start((api) => api.solve(problem, limits, gramsPerMinute, proxy(onSolution)));
}
