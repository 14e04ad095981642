/** A beat to count by, as a share of the person's own pace; none at 0. */
export const BEATS = [
  ['no beat', 0],
  ['slower', 0.75],
  ['your pace', 1],
  ['faster', 1.25],
] as const;

export type Beat = (typeof BEATS)[number][0];

/** Milliseconds between two clicks; null without a beat. */
export function beatMs(beat: Beat, pacePerMinute: number): number | null {
  const share = BEATS.find(([name]) => name === beat)![1];
  return share === 0 ? null : 60_000 / (share * pacePerMinute);
}
