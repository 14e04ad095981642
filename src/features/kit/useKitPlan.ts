'use client';

import { useEffect, useRef, useState } from 'react';
import type { KitPlan, KitProblem } from '../../core';
import { startKitPlan } from '../../workers/kitClient';

/** A kit plan as it is computed. */
export type KitPlanState =
  | { phase: 'planning'; share: number }
  | { phase: 'planned'; plan: KitPlan }
  | { phase: 'cancelled' }
  | { phase: 'failed'; error: Error };

/** Plans anew whenever the problem changes; the plan before is stopped. */
export function useKitPlan(problem: KitProblem): [KitPlanState, () => void, () => void] {
  const [round, setRound] = useState(0);
  const key = `${round} ${JSON.stringify(problem)}`;
  const [answer, setAnswer] = useState<{ key: string; state: KitPlanState } | null>(null);
  const stopRef = useRef(() => {});

  useEffect(() => {
    let over = false;
    const show = (state: KitPlanState): void => {
      if (!over) setAnswer({ key, state });
    };
    const job = startKitPlan(problem, (share) => show({ phase: 'planning', share }));
    const stop = (): void => {
      if (over) return;
      show({ phase: 'cancelled' });
      over = true;
      job.cancel();
    };
    stopRef.current = stop;
    job.plan.then(
      (plan) => {
        show({ phase: 'planned', plan });
        over = true;
      },
      (error: Error) => {
        show({ phase: 'failed', error });
        over = true;
      },
    );
    return () => {
      if (!over) job.cancel();
      over = true;
    };
    // The key stands for the problem's value: an equal problem is not planned again.
    // eslint-disable-next-line react-hooks/exhaustive-deps -- see above
  }, [key]);

  const state: KitPlanState = answer?.key === key ? answer.state : { phase: 'planning', share: 0 };
  return [state, () => stopRef.current(), () => setRound(round + 1)];
}
