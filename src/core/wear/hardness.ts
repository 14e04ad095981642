import { inRange, positive } from '../check';

/** [HRC, HV] pairs of ASTM E140. */
// prettier-ignore
const ROCKWELL_TO_VICKERS: readonly (readonly [number, number])[] = [
  [30, 302], [35, 345], [40, 392], [45, 446], [50, 513], [52, 544], [54, 577], [56, 613],
  [58, 653], [60, 697], [62, 746], [64, 800], [65, 832], [66, 865], [67, 900], [68, 940],
];

/** Vickers hardness of a steel at `hardnessHrc` (30 to 68), linear between entries of ASTM E140. */
export function vickersHardness(input: { hardnessHrc: number }): number {
  const hrc = inRange(input.hardnessHrc, 'hardnessHrc', 30, 68);
  const above = ROCKWELL_TO_VICKERS.findIndex(([h]) => h >= hrc);
  const [h1, v1] = ROCKWELL_TO_VICKERS[above]!;
  if (h1 === hrc) return v1;
  const [h0, v0] = ROCKWELL_TO_VICKERS[above - 1]!;
  return v0 + ((v1 - v0) * (hrc - h0)) / (h1 - h0);
}

/** The inverse: hardness HRC of a steel at `hardnessHv`, held to the table's ends, 30 and 68 HRC. */
export function rockwellHardness(input: { hardnessHv: number }): number {
  const hv = positive(input.hardnessHv, 'hardnessHv');
  const above = ROCKWELL_TO_VICKERS.findIndex(([, v]) => v >= hv);
  if (above < 0) return 68;
  if (above === 0) return 30;
  const [h1, v1] = ROCKWELL_TO_VICKERS[above]!;
  const [h0, v0] = ROCKWELL_TO_VICKERS[above - 1]!;
  return h0 + ((h1 - h0) * (hv - v0)) / (v1 - v0);
}
