import { expose } from 'comlink';
import { candidateWorth, thingsWorth, type ThingWorth } from '../core/kit';
import { readRackRound, readStone } from './kitRequest';

/** What things add to a rack, in a thread of its own: with many edges it is long work. */
const api = {
  async things(problem: unknown, onProgress: (share: number) => void): Promise<ThingWorth[]> {
    return thingsWorth(readRackRound(problem), onProgress);
  },
  async candidate(problem: unknown, stone: unknown): Promise<ThingWorth> {
    return candidateWorth(readRackRound(problem), readStone(stone));
  },
};

export type WorthWorker = typeof api;

expose(api);
