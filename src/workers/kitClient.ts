import { proxy } from 'comlink';
import type { KitPlan, KitProblem } from '../core';
import { jobsOn, type Job } from './jobs';
import type { KitWorker } from './kit.worker';

const start = jobsOn<KitWorker>(
  () => new Worker(new URL('./kit.worker.ts', import.meta.url), { type: 'module' }),
);

/** Plans a kit in the worker. */
export function startKitPlan(
  problem: KitProblem,
  onProgress: (share: number) => void,
): Job<KitPlan> {
  return start((api) => api.plan(problem, proxy(onProgress)));
}
