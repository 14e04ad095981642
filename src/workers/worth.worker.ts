import { expose } from 'comlink';
import { candidateWorth, thingsWorth, type RackRound, type ThingWorth } from '../core/kit';
import type { LadderStone } from '../core/ladder';

/** What things add to a rack, in a thread of its own: with many edges it is long work. */
const api = {
  async things(round: RackRound, onProgress: (share: number) => void): Promise<ThingWorth[]> {
    return thingsWorth(round, onProgress);
  },
  async candidate(round: RackRound, stone: LadderStone): Promise<ThingWorth> {
    return candidateWorth(round, stone);
  },
};

export type WorthWorker = typeof api;

expose(api);
