import type { Tool, Zone } from '../../domain/tool';
import { microbevel, thicknessBehindEdge, wideningPerRecession } from '../edge';
import { specificWearRate, strokesFor, workingSteel } from '../wear';

/** What a micro-bevel costs beside a bevel that runs to the apex. Both sides. */
export interface MicroBevelCost {
  angleDeg: number;
  faceWidthMm: number;
  /** Depth of edge that setting it takes once (mm). */
  recessionMm: number;
  steelMm3: number;
  /** Thickness a quarter of a millimetre behind the edge, without it and with it (mm). */
  thicknessMm: { without: number; with: number };
  /** How much wider it grows (mm) for each mm that later touch-ups take. */
  wideningPerMm: number;
  /** Strokes a side on a 25 µm diamond at 8 N, 95 mm long: a measure of the work. */
  strokesPerSide: number;
}

/** A micro-bevel is usually so much steeper (°) and so wide (mm). */
export const USUAL_MICRO_BEVEL = { steeperDeg: 3, faceWidthMm: 0.3 };
const BEHIND_MM = 0.25;
const STONE = { sizeUm: 25, forceN: 8, strokeLengthMm: 95 };

/** The cost of the zone's micro-bevel, or of the usual one where it has none. */
export function microBevelCost(tool: Tool, zone: Zone): MicroBevelCost {
  const { bevelAngleDeg } = zone;
  const { angleDeg, faceWidthMm } = zone.microBevel ?? {
    angleDeg: Math.min(60, bevelAngleDeg + USUAL_MICRO_BEVEL.steeperDeg),
    faceWidthMm: USUAL_MICRO_BEVEL.faceWidthMm,
  };
  const { recessionMm, areaPerSideMm2 } = microbevel({
    bevelAngleDeg,
    microAngleDeg: angleDeg,
    faceWidthMm,
  });
  const steelMm3 = 2 * (zone.endMm - zone.startMm) * areaPerSideMm2;
  const { hardnessHrc, carbide } = workingSteel(tool.steel);
  const wearRate = specificWearRate({
    abrasive: 'diamond',
    sizeUm: STONE.sizeUm,
    hardnessHrc,
    carbide,
  });
  return {
    angleDeg,
    faceWidthMm,
    recessionMm,
    steelMm3,
    thicknessMm: {
      without: thicknessBehindEdge({ bevelAngleDeg, distanceMm: BEHIND_MM }),
      with: thicknessBehindEdge({
        bevelAngleDeg,
        microAngleDeg: angleDeg,
        microFaceWidthMm: faceWidthMm,
        distanceMm: BEHIND_MM,
      }),
    },
    wideningPerMm: wideningPerRecession({
      primaryAngleDeg: bevelAngleDeg,
      bevelAngleDeg: angleDeg,
    }),
    strokesPerSide: Math.ceil(strokesFor({ ...STONE, volumeMm3: steelMm3, wearRate }) / 2),
  };
}
