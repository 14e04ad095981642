import { line } from 'd3-shape';
import type { Section, SectionPoint } from '../../core';

/** A window onto a section: where its left edge lies (mm from the spine's axis), and its scale. */
export interface SectionWindow {
  fromMm: number;
  pxPerMm: number;
  heightPx: number;
}

/** So large that a depth and a thickness both fit. */
export function fittingScale(
  size: { widthPx: number; heightPx: number },
  { depthMm, thicknessMm }: { depthMm: number; thicknessMm: number },
): number {
  return Math.min(size.widthPx / depthMm, size.heightPx / Math.max(thicknessMm, 1e-9));
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

/** The foremost x of a section (mm). */
export function tipMm({ points }: Section): number {
  return Math.min(...points.map(({ xMm }) => xMm));
}

/** The foremost point of a section. */
export function tipOf({ points }: Section): SectionPoint {
  return points.reduce((a, b) => (b.xMm < a.xMm ? b : a));
}
