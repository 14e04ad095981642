import type { Spot } from '../../../domain/terms';

/** Where a person stands, and what is at hand there. */
export const SPOT_WORDS: Record<Spot, { there: string; atHand: string }> = {
  bench: { there: 'at the bench', atHand: 'Everything on the shelf is at hand.' },
  vehicle: {
    there: 'at the vehicle',
    atHand: 'What is on the belt, in the pack, at camp and in the vehicle is at hand.',
  },
  camp: { there: 'at camp', atHand: 'What is on the belt, in the pack and at camp is at hand.' },
  pack: { there: 'with the pack', atHand: 'What is on the belt and in the pack is at hand.' },
  belt: { there: 'in mid-job', atHand: 'Only what hangs on the belt is at hand.' },
};
