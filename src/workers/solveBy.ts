import type loadHighs from 'highs';
import type { SolveLp } from '../core';

type Highs = Awaited<ReturnType<typeof loadHighs>>;

/** Thrown where a plan takes longer than it may. */
export class OutOfTime extends Error {}

/**
 * A linear programme solved exactly; null where it cannot be. Throws `OutOfTime` where one programme
 * takes longer than `mostSeconds`.
 */
export function solveBy(highs: Highs, mostSeconds?: number): SolveLp {
  const options = { mip_rel_gap: 0, ...(mostSeconds && { time_limit: mostSeconds }) };
  return (lp) => {
    // Presolve now and then calls a model infeasible that leaving everything unserved satisfies.
    const first = highs.solve(lp, options);
    const { Status, Columns } =
      first.Status === 'Optimal' ? first : highs.solve(lp, { ...options, presolve: 'off' });
    if (Status === 'Time limit reached') throw new OutOfTime();
    if (Status !== 'Optimal') return null;
    return Object.fromEntries(
      Object.entries(Columns).map(([name, column]) => [name, column.Primal]),
    );
  };
}
