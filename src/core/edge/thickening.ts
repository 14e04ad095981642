import { positive } from '../check';
import { bevelGrowth, touchUpsUntilThinning } from './bevelGrowth';

/** One point of the chart: after so many touch-ups, the width of the worked face. */
export interface ThickeningPoint {
  touchUp: number;
  faceWidthMm: number;
}

/** How an edge thickens over touch-ups at one angle, and when it wants thinning. */
export interface Thickening {
  points: ThickeningPoint[];
  /** `Infinity` where the face does not grow. */
  touchUpsLeft: number;
  faceLimitMm: number;
}

/** Where no limit is set, a face half as wide again as now wants thinning (prior). */
const LIMIT_SHARE = 1.5;
/** Points of the chart. */
const POINTS = 40;

/**
 * The width of the worked face from now on, to a little past its limit: it grows by
 * sin α/sin(θ − α) for each mm that the apex recedes, each touch-up by `recessionMm`.
 */
export function thickening(input: {
  angleDeg: number;
  behindAngleDeg: number;
  faceWidthMm: number;
  faceLimitMm: number | null;
  recessionMm: number;
}): Thickening {
  const { angleDeg, behindAngleDeg, faceWidthMm } = input;
  const eachMm = positive(input.recessionMm, 'recessionMm');
  const faceLimitMm = input.faceLimitMm ?? LIMIT_SHARE * faceWidthMm;
  const taper = { bevelAngleDeg: angleDeg, primaryAngleDeg: behindAngleDeg, faceWidthMm };
  const touchUpsLeft = touchUpsUntilThinning({
    ...taper,
    faceWidthLimitMm: faceLimitMm,
    recessionPerTouchUpMm: eachMm,
  });
  const span = Number.isFinite(touchUpsLeft) ? Math.max(10, Math.ceil(touchUpsLeft * 1.15)) : 200;
  const points = Array.from({ length: POINTS + 1 }, (_, i) => {
    const touchUp = Math.round((i / POINTS) * span);
    return {
      touchUp,
      faceWidthMm: bevelGrowth({ ...taper, recessionMm: touchUp * eachMm }).faceWidthMm,
    };
  });
  return { points, touchUpsLeft, faceLimitMm };
}
