import { line } from 'd3-shape';
import type { LabCourse, LabStroke, Section, SectionPoint, SectionStroke } from '../../core/lab';

/** A window onto a section: where its left edge lies (mm from the spine's axis), and its scale. */
export interface SectionWindow {
  fromMm: number;
  pxPerMm: number;
  heightPx: number;
}

/** Rays are so long, as a share of the worked face. */
const RAY_SHARE = 0.9;

/** A window that holds the bevel of a course with all of its rays; and how long these are drawn. */
export function bevelWindow(
  { section, strokes }: LabCourse,
  room: { widthPx: number; heightPx: number; marginPx: number },
): SectionWindow & { rayPx: number } {
  const shoulder = section.points[1]!;
  const rayMm = RAY_SHARE * Math.hypot(shoulder.xMm, shoulder.yMm);
  const steepest = Math.max(...strokes.map(({ angleDeg }) => angleDeg));
  const thicknessMm = 2 * rayMm * Math.sin((steepest * Math.PI) / 180);
  const pxPerMm = Math.min(
    room.widthPx / (1.2 * shoulder.xMm),
    (room.heightPx - room.marginPx) / thicknessMm,
  );
  return {
    fromMm: -0.03 * shoulder.xMm,
    pxPerMm,
    heightPx: room.heightPx,
    rayPx: rayMm * pxPerMm,
  };
}

/** Where a ray ends that rises from a point at an angle above the centre plane, or falls below it. */
export function rayEnd(
  [x, y]: readonly [number, number],
  { angleDeg, side }: Pick<SectionStroke, 'angleDeg' | 'side'>,
  lengthPx: number,
): [number, number] {
  const turn = ((side === 'left' ? angleDeg : -angleDeg) * Math.PI) / 180;
  return [x + lengthPx * Math.cos(turn), y - lengthPx * Math.sin(turn)];
}

/** Half of what lies between the two lines of a return stroke (px). */
const DOUBLE_PX = 1;

/** A stroke as a ray from a point: a line for one out, a double line for one back. */
export function rayPath(
  stroke: LabStroke,
  at: readonly [number, number],
  lengthPx: number,
): string {
  const [x, y] = rayEnd(at, stroke, lengthPx);
  const apart = stroke.isBack ? [-DOUBLE_PX, DOUBLE_PX] : [0];
  const [dx, dy] = [(at[1] - y) / lengthPx, (x - at[0]) / lengthPx];
  return apart
    .map((px) => {
      const [sideX, sideY] = [px * dx, px * dy];
      return `M${tenth(at[0] + sideX)},${tenth(at[1] + sideY)}L${tenth(x + sideX)},${tenth(y + sideY)}`;
    })
    .join('');
}

export function placeOf(
  { xMm, yMm }: SectionPoint,
  { fromMm, pxPerMm, heightPx }: SectionWindow,
): [number, number] {
  return [(xMm - fromMm) * pxPerMm, heightPx / 2 - yMm * pxPerMm];
}

/** A section's outline as a path, open at the spine; what lies outside of the window is cut by the picture. */
export function outlinePath(section: Section, window: SectionWindow): string {
  const at = (point: SectionPoint): [number, number] => placeOf(point, window);
  const drawn = line<SectionPoint>(
    (point) => tenth(at(point)[0]),
    (point) => tenth(at(point)[1]),
  );
  return drawn(section.points)!;
}

const tenth = (px: number): number => Math.round(10 * px) / 10;

/** The foremost point of a section. */
export function tipOf({ points }: Section): SectionPoint {
  return points.reduce((a, b) => (b.xMm < a.xMm ? b : a));
}
