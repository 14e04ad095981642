import { proxy } from 'comlink';
import type { RackRound, ThingWorth } from '../core/kit';
import type { LadderStone } from '../core/ladder';
import { threadsOf, type Job } from './threads';
import type { WorthWorker } from './worth.worker';

const { start } = threadsOf<WorthWorker>(
  () => new Worker(new URL('./worth.worker.ts', import.meta.url), { type: 'module' }),
);

/** What everything at hand adds to the edges of a problem. */
export function startThingsWorth(
  problem: RackRound,
  onProgress: (share: number) => void,
): Job<ThingWorth[]> {
  return start((api) => api.things(problem, proxy(onProgress)));
}

/** What a stone that is not at hand would add. */
export function startCandidateWorth(problem: RackRound, stone: LadderStone): Job<ThingWorth> {
  return start((api) => api.candidate(problem, stone));
}
