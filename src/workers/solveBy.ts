import type loadHighs from 'highs';
import type { SolveLp } from '../core/kit';

type Highs = Awaited<ReturnType<typeof loadHighs>>;

/** A linear programme solved exactly; null where it cannot be. */
export function solveBy(highs: Highs): SolveLp {
  const options = { mip_rel_gap: 0 };
  return (lp) => {
    // Presolve now and then calls a model infeasible that leaving everything unserved satisfies.
    const first = highs.solve(lp, options);
    const { Status, Columns } =
      first.Status === 'Optimal' ? first : highs.solve(lp, { ...options, presolve: 'off' });
    if (Status !== 'Optimal') return null;
    return Object.fromEntries(
      Object.entries(Columns).map(([name, column]) => [name, column.Primal]),
    );
  };
}
