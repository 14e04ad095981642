import { areaBetween } from './profileCut';
import type { Reshaped } from './reshapeZone';
import { convexArc } from './convexArc';
import { sinDeg } from '../trigonometry';

/**
 * The steel (mm² a side) that each facet of a new arc takes, apex first: the area between the two half outlines
 * is shared where the facets meet, and adds up to all of it. `backMm`: how far the apex moves back where that
 * is more than the arc asks for, past a chip.
 */
export function facetAreas(reshaped: Reshaped, facets: number, backMm = 0): number[] {
  const { zoneAfter, before } = reshaped;
  const extraMm = Math.max(0, backMm - reshaped.recessionMm);
  const after =
    extraMm === 0
      ? reshaped.after
      : [
          reshaped.after[0]!,
          ...reshaped.after.map(({ depthMm, halfMm }) => ({ depthMm: depthMm + extraMm, halfMm })),
        ];
  const { bevelAngleDeg: apexDeg, primaryAngleDeg: cheekDeg } = zoneAfter;
  const { radiusMm } = convexArc({
    thicknessMm: zoneAfter.shoulderThicknessMm,
    cheekAngleDeg: cheekDeg,
    apexAngleDeg: apexDeg,
  });
  const apexMm = reshaped.recessionMm + extraMm;
  const endMm = after.at(-1)!.depthMm;
  // Where a facet ends, the arc has turned by its share of the way from the apex to the cheek.
  const endOf = (number: number): number => {
    const deg = apexDeg + (number / facets) * (cheekDeg - apexDeg);
    return Math.min(endMm, apexMm + radiusMm * (sinDeg(apexDeg) - sinDeg(deg)));
  };
  return Array.from({ length: facets }, (_, i) =>
    areaBetween(before, after, i === 0 ? 0 : endOf(i), i === facets - 1 ? endMm : endOf(i + 1)),
  );
}
