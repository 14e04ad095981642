import { sum } from 'd3-array';
import { positive } from '../check';
import { bevelGrowth, touchUpsUntilThinning, wideningPerRecession } from './bevelGrowth';
import { PRIORS } from '../priors';

/** One point of the chart: so many touch-ups from now, or ago where negative, the worked face. */
interface ThickeningPoint {
  touchUp: number;
  faceWidthMm: number;
}

/** How an edge thickens over touch-ups at one angle, and when it needs thinning. */
export interface Thickening {
  points: ThickeningPoint[];
  /** `Infinity` where the face does not grow. */
  touchUpsLeft: number;
  faceLimitMm: number;
}

/** Points of the chart. */
const POINTS = 40;

/**
 * The width of the worked face over past touch-ups and from now on, to a little past its limit: it
 * grows by sin α/sin(θ − α) for each mm that the apex recedes; in future by `recessionMm` a touch-up,
 * in the past by each of `pastRecessionsMm`, oldest first.
 */
export function thickening(input: {
  angleDeg: number;
  behindAngleDeg: number;
  faceWidthMm: number;
  faceLimitMm: number | null;
  recessionMm: number;
  pastRecessionsMm: readonly number[];
}): Thickening {
  const { angleDeg, behindAngleDeg, faceWidthMm } = input;
  const eachMm = positive(input.recessionMm, 'recessionMm');
  const past = pastPoints(input);
  const measuredMm = past[0]?.faceWidthMm ?? faceWidthMm;
  const faceLimitMm = input.faceLimitMm ?? PRIORS.wideningLimitShare.value * measuredMm;
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
  return { points: [...past, ...points], touchUpsLeft, faceLimitMm };
}

/** The face as it was before each past touch-up, oldest first. */
function pastPoints(input: Parameters<typeof thickening>[0]): ThickeningPoint[] {
  const { angleDeg, behindAngleDeg, faceWidthMm, pastRecessionsMm } = input;
  const widening = wideningPerRecession({
    bevelAngleDeg: angleDeg,
    primaryAngleDeg: behindAngleDeg,
  });
  const count = pastRecessionsMm.length;
  let width = faceWidthMm - widening * sum(pastRecessionsMm);
  return pastRecessionsMm.map((recessionMm, i) => {
    const point = { touchUp: i - count, faceWidthMm: Math.max(0, width) };
    width += widening * recessionMm;
    return point;
  });
}
