import { inRange, positive } from '../check';
import { sinDeg } from '../trigonometry';

/** How the angle is held, and the wobble (degrees) that comes with it (prior). */
export const HOLD_WOBBLE_DEG = { freehand: 1.5, 'resting on the bevel': 0.5, guide: 0.25 } as const;
export type Hold = keyof typeof HOLD_WOBBLE_DEG;

/**
 * Width (mm) of face that must really be moved by `shiftMm` when only the apex matters:
 * min(w, δ / sin σ). A wobbling hand works near the apex, so less steel has to go.
 */
export function apexContactWidthMm(input: {
  faceWidthMm: number;
  shiftMm: number;
  wobbleDeg: number;
}): number {
  const wobbleDeg = inRange(input.wobbleDeg, 'wobbleDeg', 0.01, 10);
  return Math.min(
    positive(input.faceWidthMm, 'faceWidthMm'),
    positive(input.shiftMm, 'shiftMm') / sinDeg(wobbleDeg),
  );
}

/** Width (mm) of contact of a convex edge held at its apex angle: ⅔·√(2Rδ). */
export function convexContactWidthMm(input: { radiusMm: number; shiftMm: number }): number {
  return (
    (2 / 3) *
    Math.sqrt(2 * positive(input.radiusMm, 'radiusMm') * positive(input.shiftMm, 'shiftMm'))
  );
}
