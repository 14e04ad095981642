import { proxy, wrap, type Remote } from 'comlink';
import type { KitPlan, KitProblem } from '../core';
import type { KitWorker } from './kit.worker';

/** A plan under way: its answer, and the way to stop it. */
export interface KitJob {
  plan: Promise<KitPlan>;
  cancel: () => void;
}

let idle: { worker: Worker; api: Remote<KitWorker> } | null = null;

/** Plans a kit in the worker; cancelling ends the thread, as the solver cannot be interrupted. */
export function startKitPlan(problem: KitProblem, onProgress: (share: number) => void): KitJob {
  const running = idle ?? spawn();
  idle = null;
  let cancelled = false;
  const plan = new Promise<KitPlan>((resolve, reject) => {
    running.worker.addEventListener('error', (event) => reject(new Error(event.message)), {
      once: true,
    });
    running.api.plan(problem, proxy(onProgress)).then(resolve, reject);
  });
  const settle = (): void => {
    if (!cancelled) idle = running;
  };
  plan.then(settle, settle);
  return {
    plan,
    cancel: () => {
      cancelled = true;
      running.worker.terminate();
      if (idle === running) idle = null;
    },
  };
}

function spawn() {
  const worker = new Worker(new URL('./kit.worker.ts', import.meta.url), { type: 'module' });
  return { worker, api: wrap<KitWorker>(worker) };
}
