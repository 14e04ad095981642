import { positive } from '../check';

/** How the burr was dealt with after the last stone, as a factor on the apex radius. */
const BURR_FACTOR = { deburred: 1, 'alternating strokes': 1.25, standing: 2 } as const;
export type BurrState = keyof typeof BURR_FACTOR;

const FINISH_SCALE = 0.18;
const FINISH_POWER = 0.42;
/** A strop takes away so much of a fine stone's finish, and less behind coarser ones. */
const STROPPED_SHARE = 0.45;
const STROPPED_FROM_UM = 30;
const STROPPED_POWER = 0.66;

/** Apex radius (µm) after finishing on particles of `sizeUm`: max(0.1, 0.18·d^0.42)·q. */
export function finishRadiusUm(input: { sizeUm: number; burr: BurrState }): number {
  const sharpUm = FINISH_SCALE * positive(input.sizeUm, 'sizeUm') ** FINISH_POWER;
  return Math.max(0.1, sharpUm) * BURR_FACTOR[input.burr];
}

/**
 * Apex radius (µm) under the burr that a strop can lay bare after a stone: max(r(strop, 1),
 * s·r(stone, 1)) with s = min(1, 0.45·max(1, d/30)^0.66): what a coarse stone or a file has left is
 * not stropped away.
 */
export function stroppedRadiusUm(input: { stropSizeUm: number; stoneSizeUm: number }): number {
  const { stropSizeUm, stoneSizeUm } = input;
  const share = STROPPED_SHARE * Math.max(1, stoneSizeUm / STROPPED_FROM_UM) ** STROPPED_POWER;
  return Math.max(
    finishRadiusUm({ sizeUm: stropSizeUm, burr: 'deburred' }),
    Math.min(1, share) * finishRadiusUm({ sizeUm: stoneSizeUm, burr: 'deburred' }),
  );
}

/** Particle size (µm) whose finish, with alternating strokes, is an apex radius; held to 1–70 µm. */
export function sizeForFinishUm(input: { apexRadiusUm: number }): number {
  const apexRadiusUm = positive(input.apexRadiusUm, 'apexRadiusUm');
  const scale = FINISH_SCALE * BURR_FACTOR['alternating strokes'];
  return Math.min(70, Math.max(1, (apexRadiusUm / scale) ** (1 / FINISH_POWER)));
}
