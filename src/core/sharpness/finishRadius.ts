import { positive } from '../check';

/** How the burr was dealt with after the last stone, as a factor on the apex radius. */
const BURR_FACTOR = { deburred: 1, 'alternating strokes': 1.4, standing: 2 } as const;
export type BurrState = keyof typeof BURR_FACTOR;

/** Share of a stone's finish that remains under a strop. */
const STROPPED_SHARE = 0.4;

/** Apex radius (µm) after finishing on particles of `sizeUm`: max(0.1, 0.24·d^0.65)·q. */
export function finishRadiusUm(input: { sizeUm: number; burr: BurrState }): number {
  return Math.max(0.1, 0.24 * positive(input.sizeUm, 'sizeUm') ** 0.65) * BURR_FACTOR[input.burr];
}

/** Apex radius (µm) that a strop reaches after a stone: max(r(strop, 1), 0.4·r(stone, 1)). */
export function stroppedRadiusUm(input: { stropSizeUm: number; stoneSizeUm: number }): number {
  return Math.max(
    finishRadiusUm({ sizeUm: input.stropSizeUm, burr: 'deburred' }),
    STROPPED_SHARE * finishRadiusUm({ sizeUm: input.stoneSizeUm, burr: 'deburred' }),
  );
}
