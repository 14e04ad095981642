import { expose } from 'comlink';
import loadHighs from 'highs';
import { planKit, type KitPlan, type SolveLp } from '../core';
import { readKitRequest } from './kitRequest';

const solver = loadHighs({
  locateFile: () => new URL('highs/runtime', import.meta.url).href,
});

/** The kit planner in a thread of its own. */
const api = {
  async plan(request: unknown, onProgress: (share: number) => void): Promise<KitPlan> {
    const problem = readKitRequest(request);
    const highs = await solver;
    const solve: SolveLp = (lp) => {
      // Presolve now and then calls a model infeasible that leaving everything unserved satisfies.
      const first = highs.solve(lp, { mip_rel_gap: 0 });
      const { Status, Columns } =
        first.Status === 'Optimal' ? first : highs.solve(lp, { mip_rel_gap: 0, presolve: 'off' });
      if (Status !== 'Optimal') return null;
      return Object.fromEntries(
        Object.entries(Columns).map(([name, column]) => [name, column.Primal]),
      );
    };
    return planKit(problem, solve, onProgress);
  },
};

export type KitWorker = typeof api;

expose(api);
