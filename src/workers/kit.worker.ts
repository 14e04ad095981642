import { expose } from 'comlink';
import loadHighs from 'highs';
import {
  limitedKit,
  limitsBind,
  solveKit,
  type KitLimits,
  type KitProblem,
  type KitSolution,
} from '../core/kit';
import { solveBy } from './solveBy';

let solver: ReturnType<typeof loadHighs> | null = null;

/** All kits of a problem, and of those within limits the best: null where none was asked, or none fits. */
export interface SolvedKits {
  solution: KitSolution;
  /** Whether the limits bind at all. */
  limitsBind: boolean;
  within: number[] | null;
}

/** The kit planner in a thread of its own. */
const api = {
  /** `onSolution` hears of the frontier as it is found, and of the share done. */
  async solve(
    problem: KitProblem,
    limits: KitLimits,
    gramsPerMinute: number,
    onSolution: (solution: KitSolution | null, share: number) => void,
  ): Promise<SolvedKits> {
    const solution = solveKit(problem, onSolution);
    if (!limitsBind(solution, limits, gramsPerMinute)) {
      return { solution, limitsBind: false, within: null };
    }
    solver ??= loadHighs({ locateFile: () => new URL('highs/runtime', import.meta.url).href });
    const within = limitedKit(solution, limits, gramsPerMinute, solveBy(await solver));
    return { solution, limitsBind: true, within };
  },
};

export type KitWorker = typeof api;

expose(api);
