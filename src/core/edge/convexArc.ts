import { edgeAngle, faceAngle, inRange, positive } from '../check';
import { cosDeg, radians, sinDeg } from '../trigonometry';
import { flatAngle, spineLift } from './spineLift';

/**
 * The circular arc of a convex edge: tangent to the cheek (half angle α, thickness t at the
 * shoulder) and meeting the centre line at the apex angle θ, both per side.
 *
 * R = (t/2)/(cos α − cos θ), h = R·(sin θ − sin α), both in mm; the face is R·(θ − α) long.
 */
export function convexArc(input: {
  thicknessMm: number;
  cheekAngleDeg: number;
  apexAngleDeg: number;
}): { radiusMm: number; heightMm: number; faceWidthMm: number } {
  const apexDeg = edgeAngle(input.apexAngleDeg, 'apexAngleDeg');
  const cheekDeg = faceAngle(input.cheekAngleDeg, 'cheekAngleDeg', apexDeg);
  const halfMm = positive(input.thicknessMm, 'thicknessMm') / 2;
  const radiusMm = halfMm / (cosDeg(cheekDeg) - cosDeg(apexDeg));
  return {
    radiusMm,
    heightMm: radiusMm * (sinDeg(apexDeg) - sinDeg(cheekDeg)),
    faceWidthMm: radiusMm * radians(apexDeg - cheekDeg),
  };
}

/** One flat of a convex edge worked as facets, apex first. */
export interface Facet {
  angleDeg: number;
  faceWidthMm: number;
  /** Lift of the spine for this facet; null where the blade already lies flat. */
  spineLiftMm: number | null;
}

/**
 * `facets` equal angle steps from apex to shoulder, each held at its middle angle; equal widths
 * R·Δθ, so each gets the same number of strokes.
 */
export function facetSchedule(input: {
  thicknessMm: number;
  cheekAngleDeg: number;
  apexAngleDeg: number;
  facets: number;
  bladeWidthMm: number;
  spineThicknessMm: number;
}): Facet[] {
  const { apexAngleDeg, cheekAngleDeg, bladeWidthMm, spineThicknessMm } = input;
  const { radiusMm } = convexArc(input);
  const count = inRange(input.facets, 'facets', 1, 12);
  const stepDeg = (apexAngleDeg - cheekAngleDeg) / count;
  const flatDeg = flatAngle({ bladeWidthMm, spineThicknessMm });
  return Array.from({ length: count }, (_, i) => {
    const angleDeg = apexAngleDeg - (i + 0.5) * stepDeg;
    const liftable = angleDeg >= Math.max(5, flatDeg);
    return {
      angleDeg,
      faceWidthMm: radiusMm * radians(stepDeg),
      spineLiftMm: liftable ? spineLift({ bladeWidthMm, spineThicknessMm, angleDeg }) : null,
    };
  });
}
