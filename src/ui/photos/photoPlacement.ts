import type { PhotoScale } from '../../domain/photo';

/** How px of a picture become mm of a drawing: the six numbers of an affine map, as drawings write it. */
export type PhotoMatrix = readonly [number, number, number, number, number, number];

/** Around the edge, so much of the tool is seen (shares of the edge's length). */
const BESIDE = 0.12;
const HEIGHT_SHARE = 0.6;

/**
 * The map that lays the edge of a measured picture along the drawing's x axis, heel at 0, 0, in millimetres. The edge
 * was marked from heel to tip; a picture that shows its tool the other way around is turned, never mirrored.
 */
export function photoMatrix(scale: PhotoScale): PhotoMatrix {
  const { pxPerMm, heel, tip } = scale;
  const by = 1 / pxPerMm;
  if (!heel || !tip) return [by, 0, 0, by, 0, 0];
  const turn = -Math.atan2(tip.y - heel.y, tip.x - heel.x);
  const [cos, sin] = [by * Math.cos(turn), by * Math.sin(turn)];
  return [cos, sin, -sin, cos, -(cos * heel.x - sin * heel.y), -(sin * heel.x + cos * heel.y)];
}

/** What of the drawing is shown, alike for pictures that stand side by side: x, y, width and height in mm. */
export function photoWindow(scales: readonly PhotoScale[]): [number, number, number, number] {
  const edges = scales.flatMap(({ pxPerMm, heel, tip }) =>
    heel && tip ? [Math.hypot(tip.x - heel.x, tip.y - heel.y) / pxPerMm] : [],
  );
  const longMm = Math.max(10, ...edges);
  const width = longMm * (1 + 2 * BESIDE);
  const height = width * HEIGHT_SHARE;
  return [-BESIDE * longMm, -height / 2, width, height];
}

/** Whether two pictures can stand side by side at one scale: both have one, and an edge to lay level. */
export function isPlaced(scale: PhotoScale | null): scale is PhotoScale {
  return Boolean(scale?.heel && scale.tip);
}
