import { inRange, notNegative, positive } from '../check';
import { radians, sinDeg } from '../trigonometry';
import { PRIORS } from '../priors';

/** How the angle is held, and the wobble (degrees) that comes with it (prior). */
export const HOLD_WOBBLE_DEG = { freehand: 1.5, 'resting on the bevel': 0.5, guide: 0.25 } as const;
export type Steadiness = keyof typeof HOLD_WOBBLE_DEG;

/** Damage is ground out in a narrow band by holding so much above the edge's own angle (prior). */
export const BAND_ABOVE_DEG = PRIORS.bandAboveDeg.value;

/** What strokes touch next to the apex, and what they take off it, on one side. */
export interface WorkedBand {
  widthMm: number;
  areaPerSideMm2: number;
}

/**
 * The band next to the apex that strokes held Δ above the nominal angle touch, when the face has to
 * move by δ at the apex:
 * flat x = min(w, δ/Δ), on an arc of radius R x = min(w, −RΔ + √(R²Δ² + 2Rδ));
 * A = δ·x − ½·Δ·x² − x³/(6R), Δ in radians, the last term on arcs only.
 */
export function workedBand(input: {
  shiftMm: number;
  holdAboveDeg: number;
  faceWidthMm: number;
  /** Null where the face is flat. */
  arcRadiusMm: number | null;
}): WorkedBand {
  const { arcRadiusMm } = input;
  const shiftMm = notNegative(input.shiftMm, 'shiftMm');
  const above = radians(inRange(input.holdAboveDeg, 'holdAboveDeg', 0.01, 10));
  const faceWidthMm = positive(input.faceWidthMm, 'faceWidthMm');
  if (arcRadiusMm === null) {
    const widthMm = Math.min(faceWidthMm, shiftMm / above);
    return { widthMm, areaPerSideMm2: shiftMm * widthMm - 0.5 * above * widthMm ** 2 };
  }
  const lead = positive(arcRadiusMm, 'arcRadiusMm') * above;
  const reachMm = Math.sqrt(lead ** 2 + 2 * arcRadiusMm * shiftMm) - lead;
  const widthMm = Math.min(faceWidthMm, reachMm);
  const arcMm2 = widthMm ** 3 / (6 * arcRadiusMm);
  return { widthMm, areaPerSideMm2: shiftMm * widthMm - 0.5 * above * widthMm ** 2 - arcMm2 };
}

/**
 * The narrow band that takes a chip of depth d out of a flat face of width w, held Δ above its angle
 * θ, exactly: ½·d²·sin θ·sin(θ + Δ)/sin Δ, less what lies beyond the shoulder once the cut comes out
 * of the face behind, of half angle α: ½·(s − w)²·sin(θ − α)·sin Δ/sin(θ − α + Δ) with
 * s = d·sin(θ + Δ)/sin Δ. The width is that of the facet left, d·sin θ/sin Δ where it ends on the face.
 */
export function flatDamageBand(input: {
  depthMm: number;
  angleDeg: number;
  behindAngleDeg: number;
  faceWidthMm: number;
  holdAboveDeg?: number;
}): WorkedBand {
  const { angleDeg, behindAngleDeg } = input;
  const depthMm = notNegative(input.depthMm, 'depthMm');
  const faceWidthMm = positive(input.faceWidthMm, 'faceWidthMm');
  const aboveDeg = inRange(input.holdAboveDeg ?? BAND_ABOVE_DEG, 'holdAboveDeg', 0.01, 10);
  const sinAbove = sinDeg(aboveDeg);
  const alongOldMm = (depthMm * sinDeg(angleDeg + aboveDeg)) / sinAbove;
  const onFaceMm2 = 0.5 * depthMm * alongOldMm * sinDeg(angleDeg);
  const widthMm = (depthMm * sinDeg(angleDeg)) / sinAbove;
  const beyondMm = alongOldMm - faceWidthMm;
  if (beyondMm <= 0) return { widthMm, areaPerSideMm2: onFaceMm2 };
  const turnDeg = angleDeg - behindAngleDeg;
  const pastMm2 = (0.5 * beyondMm ** 2 * sinDeg(turnDeg) * sinAbove) / sinDeg(turnDeg + aboveDeg);
  const shorterMm = (beyondMm * sinDeg(turnDeg)) / sinDeg(turnDeg + aboveDeg);
  return { widthMm: widthMm - shorterMm, areaPerSideMm2: onFaceMm2 - pastMm2 };
}
